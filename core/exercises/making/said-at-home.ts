/**
 * What an exercise asks for in a language of the learners' homes: one short line under the
 * instruction in English, by hand for Wordane.
 */
import type { Task } from '../interactions';

/** What a line is for: every exercise of an interaction, or one maker whose learners do something of its own. */
const kinds = [
  'choice',
  'gap',
  'match',
  'order',
  'sort',
  'spot',
  'write',
  'speak',
  'point',
  'build',
  'bingo-boards',
  'trace-copy-write',
  'dictation',
] as const;
type Kind = (typeof kinds)[number];

const lines: Readonly<Record<string, readonly string[]>> = {
  fr: [
    'Choisis la bonne réponse.',
    'Écris ce qui manque.',
    'Relie ce qui va ensemble.',
    'Remets dans le bon ordre.',
    'Range chaque élément à sa place.',
    'Cherche et marque.',
    'Lis, puis écris.',
    'Lis à voix haute.',
    'Trouve-le sur l’image.',
    'Mets chaque pièce à sa place.',
    'Écoute et couvre chaque mot que tu entends.',
    'Repasse, copie, puis écris.',
    'Écoute et écris.',
  ],
  es: [
    'Elige la respuesta correcta.',
    'Escribe lo que falta.',
    'Une lo que va junto.',
    'Ponlo en el orden correcto.',
    'Pon cada cosa en su sitio.',
    'Busca y marca.',
    'Lee y escribe.',
    'Lee en voz alta.',
    'Búscalo en la imagen.',
    'Pon cada pieza en su lugar.',
    'Escucha y tapa cada palabra que oigas.',
    'Repasa, copia y escribe.',
    'Escucha y escribe.',
  ],
  pt: [
    'Escolhe a resposta certa.',
    'Escreve o que falta.',
    'Liga o que combina.',
    'Põe na ordem certa.',
    'Põe cada coisa no seu lugar.',
    'Procura e marca.',
    'Lê e escreve.',
    'Lê em voz alta.',
    'Procura na imagem.',
    'Põe cada peça no seu lugar.',
    'Escuta e tapa cada palavra que ouvires.',
    'Passa por cima, copia e escreve.',
    'Escuta e escreve.',
  ],
  de: [
    'Wähle die richtige Antwort.',
    'Schreib auf, was fehlt.',
    'Verbinde, was zusammengehört.',
    'Bring es in die richtige Reihenfolge.',
    'Ordne alles an seinen Platz.',
    'Suche und markiere.',
    'Lies und schreib.',
    'Lies laut vor.',
    'Finde es im Bild.',
    'Lege jedes Teil an seinen Platz.',
    'Hör zu und decke jedes Wort ab, das du hörst.',
    'Spure nach, schreib ab und schreib dann allein.',
    'Hör zu und schreib.',
  ],
  it: [
    'Scegli la risposta giusta.',
    'Scrivi quello che manca.',
    'Unisci ciò che va insieme.',
    'Metti nell’ordine giusto.',
    'Metti ogni cosa al suo posto.',
    'Cerca e segna.',
    'Leggi e scrivi.',
    'Leggi ad alta voce.',
    'Trovalo nell’immagine.',
    'Metti ogni pezzo al suo posto.',
    'Ascolta e copri ogni parola che senti.',
    'Ripassa, copia e scrivi.',
    'Ascolta e scrivi.',
  ],
  pl: [
    'Wybierz dobrą odpowiedź.',
    'Wpisz, czego brakuje.',
    'Połącz to, co do siebie pasuje.',
    'Ułóż w dobrej kolejności.',
    'Połóż wszystko na swoim miejscu.',
    'Znajdź i zaznacz.',
    'Przeczytaj i napisz.',
    'Przeczytaj na głos.',
    'Znajdź to na obrazku.',
    'Połóż każdą część na swoim miejscu.',
    'Słuchaj i zakryj każde słowo, które usłyszysz.',
    'Obrysuj, przepisz i napisz.',
    'Słuchaj i pisz.',
  ],
  ru: [
    'Выбери правильный ответ.',
    'Впиши, чего не хватает.',
    'Соедини то, что подходит друг к другу.',
    'Поставь в правильном порядке.',
    'Положи всё на свои места.',
    'Найди и отметь.',
    'Прочитай и напиши.',
    'Прочитай вслух.',
    'Найди это на картинке.',
    'Положи каждую часть на своё место.',
    'Слушай и закрывай каждое слово, которое услышишь.',
    'Обведи, перепиши и напиши.',
    'Слушай и пиши.',
  ],
  uk: [
    'Вибери правильну відповідь.',
    'Впиши, чого бракує.',
    'З’єднай те, що підходить одне до одного.',
    'Постав у правильному порядку.',
    'Поклади все на свої місця.',
    'Знайди й познач.',
    'Прочитай і напиши.',
    'Прочитай уголос.',
    'Знайди це на малюнку.',
    'Поклади кожну частину на своє місце.',
    'Слухай і закривай кожне слово, яке почуєш.',
    'Обведи, перепиши й напиши.',
    'Слухай і пиши.',
  ],
  ja: [
    '正しい答えを選びましょう。',
    '足りないところを書きましょう。',
    '合うものを線でつなぎましょう。',
    '正しい順番に並べましょう。',
    'それぞれを合うところに入れましょう。',
    'さがして、しるしをつけましょう。',
    '読んで、書きましょう。',
    '声に出して読みましょう。',
    '絵の中からさがしましょう。',
    'それぞれを合う場所に置きましょう。',
    'よく聞いて、聞こえたことばをかくしましょう。',
    'なぞって、写して、書きましょう。',
    '聞いて、書きましょう。',
  ],
  ar: [
    'اختر الإجابة الصحيحة.',
    'اكتب ما ينقص.',
    'صِل بين ما يتناسب.',
    'ضعها في الترتيب الصحيح.',
    'ضع كل شيء في مكانه.',
    'ابحث وضع علامة.',
    'اقرأ ثم اكتب.',
    'اقرأ بصوت عالٍ.',
    'ابحث عنه في الصورة.',
    'ضع كل قطعة في مكانها.',
    'استمع وغطِّ كل كلمة تسمعها.',
    'تتبّع الحروف وانسخ ثم اكتب.',
    'استمع واكتب.',
  ],
  zh: [
    '选出正确的答案。',
    '把缺少的部分写上。',
    '把相配的连起来。',
    '按正确的顺序排好。',
    '把每一个放到它该在的地方。',
    '找出来，做上记号。',
    '先读，再写。',
    '大声读出来。',
    '在图里找出来。',
    '把每一块放到正确的位置。',
    '仔细听，听到哪个词就盖住哪个词。',
    '先描，再抄，最后自己写。',
    '听一听，写下来。',
  ],
};

/** The languages that have lines. */
export const homeLanguages: readonly string[] = Object.keys(lines);

/** What stands under the instruction. */
export interface AlsoSaid {
  readonly language: string;
  readonly text: string;
}

/** What the exercise asks for, in a language; undefined where no line ships for it. */
export function saidAtHome(
  language: string | undefined,
  { maker, interaction }: { readonly maker: string; readonly interaction: Task['interaction'] },
): AlsoSaid | undefined {
  const known = (name: string): name is Kind => (kinds as readonly string[]).includes(name);
  const kind = [maker, interaction].find(known);
  const text = kind && lines[language ?? '']?.[kinds.indexOf(kind)];
  return language === undefined || text === undefined ? undefined : { language, text };
}
