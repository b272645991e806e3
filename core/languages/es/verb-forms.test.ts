import { describe, expect, test } from 'vitest';
import { spanishVerb, type SpanishTense } from './verb-forms';

const forms = (verb: string, tense: SpanishTense) => spanishVerb(verb).tenses[tense].join(' ');

/** As any school grammar has them, from memory: yo, tú, él, nosotros, vosotros, ellos. */
const table: readonly (readonly [verb: string, tense: SpanishTense, forms: string])[] = [
  ['hablar', 'present', 'hablo hablas habla hablamos habláis hablan'],
  ['comer', 'present', 'como comes come comemos coméis comen'],
  ['vivir', 'present', 'vivo vives vive vivimos vivís viven'],
  ['hablar', 'preterite', 'hablé hablaste habló hablamos hablasteis hablaron'],
  ['comer', 'imperfect', 'comía comías comía comíamos comíais comían'],
  ['vivir', 'future', 'viviré vivirás vivirá viviremos viviréis vivirán'],
  ['vivir', 'conditional', 'viviría vivirías viviría viviríamos viviríais vivirían'],
  ['hablar', 'present subjunctive', 'hable hables hable hablemos habléis hablen'],
  ['comer', 'imperfect subjunctive', 'comiera comieras comiera comiéramos comierais comieran'],
  // Changes of stem.
  ['pensar', 'present', 'pienso piensas piensa pensamos pensáis piensan'],
  ['volver', 'present', 'vuelvo vuelves vuelve volvemos volvéis vuelven'],
  ['pedir', 'present', 'pido pides pide pedimos pedís piden'],
  ['jugar', 'present', 'juego juegas juega jugamos jugáis juegan'],
  ['dormir', 'preterite', 'dormí dormiste durmió dormimos dormisteis durmieron'],
  ['dormir', 'present subjunctive', 'duerma duermas duerma durmamos durmáis duerman'],
  ['sentir', 'present subjunctive', 'sienta sientas sienta sintamos sintáis sientan'],
  ['seguir', 'preterite', 'seguí seguiste siguió seguimos seguisteis siguieron'],
  ['seguir', 'present', 'sigo sigues sigue seguimos seguís siguen'],
  ['oler', 'present', 'huelo hueles huele olemos oléis huelen'],
  ['enviar', 'present', 'envío envías envía enviamos enviáis envían'],
  ['actuar', 'present', 'actúo actúas actúa actuamos actuáis actúan'],
  // Changes of spelling.
  ['buscar', 'preterite', 'busqué buscaste buscó buscamos buscasteis buscaron'],
  ['llegar', 'present subjunctive', 'llegue llegues llegue lleguemos lleguéis lleguen'],
  ['empezar', 'present subjunctive', 'empiece empieces empiece empecemos empecéis empiecen'],
  ['conocer', 'present', 'conozco conoces conoce conocemos conocéis conocen'],
  ['vencer', 'present', 'venzo vences vence vencemos vencéis vencen'],
  ['elegir', 'present', 'elijo eliges elige elegimos elegís eligen'],
  ['construir', 'present', 'construyo construyes construye construimos construís construyen'],
  ['averiguar', 'preterite', 'averigüé averiguaste averiguó averiguamos averiguasteis averiguaron'],
  ['leer', 'preterite', 'leí leíste leyó leímos leísteis leyeron'],
  // Irregular.
  ['ser', 'present', 'soy eres es somos sois son'],
  ['ir', 'present', 'voy vas va vamos vais van'],
  ['ir', 'imperfect subjunctive', 'fuera fueras fuera fuéramos fuerais fueran'],
  ['estar', 'preterite', 'estuve estuviste estuvo estuvimos estuvisteis estuvieron'],
  ['tener', 'present', 'tengo tienes tiene tenemos tenéis tienen'],
  ['tener', 'future', 'tendré tendrás tendrá tendremos tendréis tendrán'],
  ['detener', 'preterite', 'detuve detuviste detuvo detuvimos detuvisteis detuvieron'],
  ['hacer', 'preterite', 'hice hiciste hizo hicimos hicisteis hicieron'],
  ['decir', 'preterite', 'dije dijiste dijo dijimos dijisteis dijeron'],
  ['traducir', 'preterite', 'traduje tradujiste tradujo tradujimos tradujisteis tradujeron'],
  ['traducir', 'present', 'traduzco traduces traduce traducimos traducís traducen'],
  ['saber', 'present subjunctive', 'sepa sepas sepa sepamos sepáis sepan'],
  ['dar', 'present subjunctive', 'dé des dé demos deis den'],
  ['oír', 'present', 'oigo oyes oye oímos oís oyen'],
  ['oír', 'preterite', 'oí oíste oyó oímos oísteis oyeron'],
  ['reír', 'present', 'río ríes ríe reímos reís ríen'],
  ['ver', 'imperfect', 'veía veías veía veíamos veíais veían'],
];

describe('Spanish verbs in their tenses', () => {
  test.each(table)('%s, %s', (verb, tense, wanted) => expect(forms(verb, tense)).toBe(wanted));

  test('imperatives, gerunds and participles', () => {
    const of = (verb: string) => {
      const { imperative, gerund, participle } = spanishVerb(verb);
      return `${imperative[0]} ${imperative[1]} ${gerund} ${participle}`;
    };
    expect(
      ['hablar', 'poner', 'venir', 'hacer', 'dormir', 'pedir', 'leer', 'escribir', 'ir', 'oír'].map(
        of,
      ),
    ).toEqual([
      'habla hable hablando hablado',
      'pon ponga poniendo puesto',
      'ven venga viniendo venido',
      'haz haga haciendo hecho',
      'duerme duerma durmiendo dormido',
      'pide pida pidiendo pedido',
      'lee lea leyendo leído',
      'escribe escriba escribiendo escrito',
      've vaya yendo ido',
      'oye oiga oyendo oído',
    ]);
    expect(spanishVerb('detener').imperative[0]).toBe('detén');
    expect(spanishVerb('componer').participle).toBe('compuesto');
  });

  test('a reflexive is as its verb, and what is no infinitive is refused', () => {
    expect(spanishVerb('acostarse').tenses.present[0]).toBe('acuesto');
    expect(() => spanishVerb('lluvia')).toThrow(/no infinitive/);
  });
});
