import { describe, expect, test } from 'vitest';
import { findArticles } from './articles';
import { otherArticle } from './small-words';
import type { RomanceLanguage } from '../romance-words/nouns';

/** Texts of the weather club, written for it; the articles stand in brackets, by hand. */
const texts: Readonly<Record<RomanceLanguage, readonly string[]>> = {
  es: [
    'En [el] club del tiempo, [los] niños miran [el] cielo. [La] lluvia cae sobre [las] casas y [el] viento mueve [los] árboles. Ana tiene [un] cuaderno y [una] brújula. [La] brújula la guarda en [una] caja. Su hermano no la ve, pero la busca por [la] mañana. Cuando la encuentra, se la da.',
    '[Las] nubes negras llegaron por [la] tarde. [El] maestro las miró y dijo que [la] tormenta estaba cerca. Lo escribimos en [el] diario. [Lo] mejor del día fue [el] arcoíris: todos lo vimos desde [la] colina. [Una] niña lo dibujó con [unos] lápices y me lo enseñó.',
    '[La] nieve cubre [el] puerto. [Los] barcos no salen y [la] gente espera en [la] plaza. Marta compra [un] pan, lo corta y lo da a [los] pájaros. [Las] aves lo comen. ¿Quién los oye? Yo los oigo. [El] agua está fría; nadie la toca.',
  ],
  fr: [
    'Au club de météo, [les] enfants regardent [le] ciel. [La] pluie tombe sur [les] toits et [le] vent pousse [les] feuilles. Ana a [un] cahier et [une] boussole. [La] boussole, elle la garde dans [une] boîte. Son frère ne la voit pas, mais il la cherche. Quand il la trouve, il la donne à Ana.',
    '[L’]hiver, [la] neige couvre [le] port. [Les] bateaux ne partent pas. [Le] maître les compte et note [le] nombre dans [le] journal. [Des] oiseaux mangent [du] pain. [Une] fille les dessine et nous les montre. [Le] soir, on allume [les] lampes et [l’]eau brille.',
    '[Un] nuage noir arrive. [L’]orage est près de [la] colline. Nous l’entendons. [Les] chiens ont peur ; leur maître les appelle. [La] porte est fermée et personne ne l’ouvre. [Le] livre est sur [la] table : Tilde le prend et le lit.',
  ],
  pt: [
    'No clube do tempo, [as] crianças olham [o] céu. [A] chuva cai sobre [as] casas e [o] vento move [as] árvores. Ana tem [um] caderno e [uma] bússola. [A] bússola está na caixa. [O] irmão não a vê, mas procura-a toda [a] manhã. Quando a encontra, começa a correr.',
    '[As] nuvens negras chegaram à tarde. [O] professor viu-as e disse que [a] tempestade estava perto. Nós escrevemos tudo no diário. [Os] alunos voltaram a pé. [Uma] menina desenhou [o] arco-íris com [uns] lápis e ele o guardou. Ninguém sabe o que ela viu. [A] neve cobre [o] porto.',
    '[O] barco não sai e [a] gente espera na praça. Marta compra [um] pão e dá-o aos pássaros. Eles não o comem. [A] água está fria. Começou a chover. [Os] gatos dormem; quem os acorda? [A] casa fica a dois quilómetros da escola.',
  ],
  it: [
    'Al club del tempo [i] bambini guardano [il] cielo. [La] pioggia cade sulle case e [il] vento muove [gli] alberi. Ana ha [un] quaderno e [una] bussola. [La] bussola la tiene in [una] scatola. [Lo] zio non la vede, ma la cerca. Quando la trova, le dice grazie.',
    '[L’]inverno è freddo e [la] neve copre [il] porto. [Le] barche non partono. [Il] maestro le conta e scrive [il] numero nel diario. [Gli] uccelli mangiano. [Un’]amica li disegna e ce li mostra. [Lo] studente accende [le] lampade. [La] sera [i] gatti dormono.',
    '[Una] nuvola nera arriva. [Il] temporale è vicino. Noi lo sentiamo. [I] cani hanno paura; [il] padrone gli parla. [La] porta è chiusa e nessuno la apre. [Il] libro è sul tavolo: Tilde lo prende e lo legge. [Uno] scoiattolo sale su [un] albero.',
  ],
};

const cases = Object.entries(texts).flatMap(([language, list]) =>
  list.map((text, at) => [language as RomanceLanguage, at + 1, text] as const),
);

describe('articles in texts', () => {
  test.each(cases)('%s, text %i', (language, _at, marked) => {
    const body = marked.replace(/[[\]]/g, '');
    const wanted: number[] = [];
    let taken = 0;
    for (const found of marked.matchAll(/[[\]]/g)) {
      if (found[0] === '[') wanted.push(found.index - taken);
      taken += 1;
    }
    const found = findArticles(body, language);
    const around = (start: number) => body.slice(Math.max(0, start - 8), start + 14);
    expect(found.map(({ start }) => around(start))).toEqual(wanted.map(around));
    for (const { start, end, text } of found) expect(body.slice(start, end)).toBe(text);
  });

  test('which of them are definite, indefinite, partitive', () => {
    const kindsOf = (language: RomanceLanguage, text: string) =>
      findArticles(text, language).map(({ text: word, kind }) => `${word} ${kind}`);
    expect(kindsOf('fr', 'Le chat boit du lait et une souris mange de la neige.')).toEqual([
      'Le definite',
      'du partitive',
      'une indefinite',
      'de la partitive',
    ]);
    expect(kindsOf('es', 'Unos niños ven el mar.')).toEqual(['Unos indefinite', 'el definite']);
  });

  test('a contraction is none of its own: du port, do mar, nel diario', () => {
    expect(findArticles('Le vent du nord', 'fr').map(({ text }) => text)).toEqual(['Le']);
    expect(findArticles('O som do mar', 'pt').map(({ text }) => text)).toEqual(['O']);
  });
});

test.each<[RomanceLanguage, string, string, string | undefined]>([
  ['it', 'un', ' gatto dorme', 'il'],
  ['it', 'un', ' albero', undefined],
  ['fr', 'Un', ' chien', 'Le'],
  ['fr', 'un', ' arbre', undefined],
  ['fr', 'du', ' pain', 'le'],
  ['es', 'la', ' lluvia', 'una'],
])('%s: %s before%s can also be %s', (language, article, after, other) => {
  expect(otherArticle(article, language, after)).toBe(other);
});
