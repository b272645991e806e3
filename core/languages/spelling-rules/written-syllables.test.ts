import { describe, expect, test } from 'vitest';
import { packOf } from '../registry/registry';

const cut = (language: string, word: string) =>
  packOf(language).spelling?.syllables(word)?.join('-');

/** Words as school grammars and dictionaries part their syllables, from memory. */
const handbook: Readonly<Record<string, string>> = {
  fr: `pom-me fil-le fa-mil-le feuil-le bou-teil-le mai-son é-co-le tri-an-gle or-ches-tre che-val
    cam-pa-gne gui-ta-re oi-seau pluie nuit lion cra-yon vo-ya-ge comp-ter cha-peau mon-ta-gne
    ins-tru-ment ex-tra-or-di-nai-re po-è-te jan-vier brouil-lard au-tom-ne tem-pê-te des-cen-dre
    bi-blio-thè-que ac-cep-ter ap-pren-dre`,
  es: `pe-rro ca-lle ac-ción in-no-var tris-te ins-tru-men-to pau-sa ai-re ciu-dad llu-via tran-ví-a
    pa-ís le-er po-e-ta hue-vo a-gua gui-ta-rra que-so cons-truir cie-lo muy hoy obs-tá-cu-lo
    e-xa-men len-gua a-mi-go pe-rió-di-co ma-íz a-pren-der no-che ni-ño ai-re cuí-da-te`,
  it: `pa-sta gat-to ac-qua fa-mi-glia fi-ne-stra bic-chie-re sciar-pa gial-lo piog-gia o-ro-lo-gio
    stra-da quat-tro tem-pe-sta in-ver-no uo-vo chia-ve zi-o ma-e-stro e-sem-pio cie-lo ba-gno
    bot-ti-glia cit-tà per-ché mo-stro al-tro`,
  pt: `car-ro pas-so á-gua pão i-lha ma-nhã le-ão chu-va gui-tar-ra quei-jo ins-tru-men-to sa-í-da
    co-ra-ção ru-im tem-pes-ta-de cin-quen-ta lu-a ri-o fei-jão nu-vem guar-da ex-ce-len-te nas-cer
    ca-ir ra-iz ra-i-nha fa-mí-lia di-a pai a-vi-ões a-ni-mais`,
};

describe.each(Object.entries(handbook))('%s', (language, text) => {
  test.each(text.split(/\s+/))('%s', (syllables) => {
    expect(cut(language, syllables.replaceAll('-', ''))).toBe(syllables);
  });
});

test('two words, and a word with a sign that the rules do not know, are not cut', () => {
  expect(cut('fr', 'grand-père')).toBeUndefined();
  expect(cut('it', 'crêpe')).toBeUndefined();
});

describe('the stressed syllable, as the accent rules have it', () => {
  // Examples of the Ortografía básica of the Academies (2012) and of school grammars, from memory.
  test.each([
    ['es', 'aguda', 'camión compás papel reloj Madrid azul comer sofá café jamón nariz'],
    ['es', 'llana', 'cárcel fácil lápiz mesa libros examen imagen joven útil césped tranvía'],
    ['es', 'esdrújula', 'música fábrica árboles exámenes línea héroe sábado miércoles'],
    ['pt', 'oxítona', 'café avó amor animal azul feliz aqui caju também parabéns avião irmã'],
    ['pt', 'paroxítona', 'mesa casas fácil açúcar órgão lápis história homem jovem táxi bônus'],
    ['pt', 'proparoxítona', 'música médico árvore lâmpada público exército ônibus'],
  ])('%s: %s', (language, name, words) => {
    const { spelling } = packOf(language);
    for (const word of words.split(' ')) {
      const found = spelling?.stress?.(word);
      expect(`${word} ${found && spelling?.stressNames?.[found.fromEnd]}`).toBe(`${word} ${name}`);
      expect(found?.why).toContain(name);
    }
  });

  test('a word of one syllable has nothing to tell', () => {
    expect(packOf('es').spelling?.stress?.('sol')).toBeUndefined();
    expect(packOf('fr').spelling?.stress).toBeUndefined();
  });
});
