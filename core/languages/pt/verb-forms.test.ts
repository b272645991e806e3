import { describe, expect, test } from 'vitest';
import { portugueseVerb, type PortugueseTense } from './verb-forms';

const forms = (verb: string, tense: PortugueseTense) =>
  portugueseVerb(verb).tenses[tense].join(' ');

/**
 * As any school grammar has them, from memory: eu, tu, ele, nós, vós, eles. There is no open list of
 * Portuguese forms in the registry to compare with.
 */
const table: readonly (readonly [verb: string, tense: PortugueseTense, forms: string])[] = [
  ['falar', 'present', 'falo falas fala falamos falais falam'],
  ['comer', 'preterite', 'comi comeste comeu comemos comestes comeram'],
  ['partir', 'imperfect', 'partia partias partia partíamos partíeis partiam'],
  ['falar', 'imperfect subjunctive', 'falasse falasses falasse falássemos falásseis falassem'],
  ['comer', 'imperfect subjunctive', 'comesse comesses comesse comêssemos comêsseis comessem'],
  ['partir', 'future subjunctive', 'partir partires partir partirmos partirdes partirem'],
  ['ficar', 'preterite', 'fiquei ficaste ficou ficamos ficastes ficaram'],
  ['chegar', 'present subjunctive', 'chegue chegues chegue cheguemos chegueis cheguem'],
  ['começar', 'preterite', 'comecei começaste começou começamos começastes começaram'],
  ['conhecer', 'present', 'conheço conheces conhece conhecemos conheceis conhecem'],
  ['dirigir', 'present', 'dirijo diriges dirige dirigimos dirigis dirigem'],
  ['passear', 'present', 'passeio passeias passeia passeamos passeais passeiam'],
  ['odiar', 'present', 'odeio odeias odeia odiamos odiais odeiam'],
  ['cair', 'present', 'caio cais cai caímos caís caem'],
  ['cair', 'preterite', 'caí caíste caiu caímos caístes caíram'],
  ['construir', 'present', 'construo constróis constrói construímos construís constroem'],
  ['produzir', 'present', 'produzo produzes produz produzimos produzis produzem'],
  ['sentir', 'present subjunctive', 'sinta sintas sinta sintamos sintais sintam'],
  ['dormir', 'present', 'durmo dormes dorme dormimos dormis dormem'],
  ['subir', 'present', 'subo sobes sobe subimos subis sobem'],
  ['ser', 'present', 'sou és é somos sois são'],
  ['ir', 'imperfect', 'ia ias ia íamos íeis iam'],
  ['ter', 'imperfect', 'tinha tinhas tinha tínhamos tínheis tinham'],
  ['obter', 'present', 'obtenho obténs obtém obtemos obtendes obtêm'],
  ['vir', 'present', 'venho vens vem vimos vindes vêm'],
  ['convir', 'preterite', 'convim convieste conveio conviemos conviestes convieram'],
  ['pôr', 'present', 'ponho pões põe pomos pondes põem'],
  ['compor', 'imperfect', 'compunha compunhas compunha compúnhamos compúnheis compunham'],
  ['fazer', 'future', 'farei farás fará faremos fareis farão'],
  ['fazer', 'future subjunctive', 'fizer fizeres fizer fizermos fizerdes fizerem'],
  ['poder', 'preterite', 'pude pudeste pôde pudemos pudestes puderam'],
  ['dar', 'present subjunctive', 'dê dês dê demos deis deem'],
  ['ver', 'future subjunctive', 'vir vires vir virmos virdes virem'],
  ['ler', 'present', 'leio lês lê lemos ledes leem'],
  ['pedir', 'present', 'peço pedes pede pedimos pedis pedem'],
  ['ser', 'pluperfect', 'fora foras fora fôramos fôreis foram'],
];

describe('Portuguese verbs in their tenses', () => {
  test.each(table)('%s, %s', (verb, tense, wanted) => expect(forms(verb, tense)).toBe(wanted));

  test('gerunds and participles', () => {
    const of = (verb: string) =>
      `${portugueseVerb(verb).gerund} ${portugueseVerb(verb).participle}`;
    expect(['falar', 'cair', 'pôr', 'compor', 'ver', 'vir', 'abrir', 'fazer'].map(of)).toEqual([
      'falando falado',
      'caindo caído',
      'pondo posto',
      'compondo composto',
      'vendo visto',
      'vindo vindo',
      'abrindo aberto',
      'fazendo feito',
    ]);
  });

  test('a reflexive is as its verb, and what is no infinitive is refused', () => {
    expect(portugueseVerb('lavar-se').tenses.present[0]).toBe('lavo');
    expect(() => portugueseVerb('chuva')).toThrow(/no Portuguese infinitive/);
  });
});
