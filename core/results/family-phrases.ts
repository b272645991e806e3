/** What a page for a family says, in its language; by hand for Wordane. Numbers stand after a colon or between figures, so that no language needs a plural. */
export interface FamilyPhrases {
  readonly wentWell: string;
  readonly next: string;
  readonly remark: string;
  readonly read: string;
  readonly write: string;
  readonly find: string;
  readonly nothing: string;
}

const en: FamilyPhrases = {
  wentWell: 'What went well',
  next: 'What to practise next',
  remark: 'From the teacher',
  read: 'Read these words aloud together.',
  write: 'Cover each word, write it, and look again.',
  find: 'Find one of them in a book, or on the way.',
  nothing: 'Everything was right. Read something together that is fun.',
};

export const familyPhrases: Readonly<Record<string, FamilyPhrases>> = {
  en,
  fr: {
    wentWell: 'Ce qui va bien',
    next: 'À exercer maintenant',
    remark: 'De l’enseignante ou de l’enseignant',
    read: 'Lisez ces mots ensemble à haute voix.',
    write: 'Cachez chaque mot, écrivez-le, puis comparez.',
    find: 'Cherchez l’un d’eux dans un livre ou en chemin.',
    nothing: 'Tout était juste. Lisez ensemble quelque chose d’amusant.',
  },
  es: {
    wentWell: 'Lo que va bien',
    next: 'Lo que toca practicar',
    remark: 'De la maestra o del maestro',
    read: 'Lean juntos estas palabras en voz alta.',
    write: 'Tapen cada palabra, escríbanla y compárenla.',
    find: 'Busquen una de ellas en un libro o por el camino.',
    nothing: 'Todo estaba bien. Lean juntos algo divertido.',
  },
  pt: {
    wentWell: 'O que correu bem',
    next: 'O que praticar agora',
    remark: 'Da professora ou do professor',
    read: 'Leiam juntos estas palavras em voz alta.',
    write: 'Cubram cada palavra, escrevam-na e comparem.',
    find: 'Procurem uma delas num livro ou pelo caminho.',
    nothing: 'Estava tudo certo. Leiam juntos algo divertido.',
  },
  de: {
    wentWell: 'Was gut geht',
    next: 'Was als Nächstes geübt wird',
    remark: 'Von der Lehrkraft',
    read: 'Lesen Sie diese Wörter gemeinsam laut.',
    write: 'Jedes Wort abdecken, schreiben und vergleichen.',
    find: 'Suchen Sie eines davon in einem Buch oder unterwegs.',
    nothing: 'Alles war richtig. Lesen Sie zusammen etwas Schönes.',
  },
  it: {
    wentWell: 'Che cosa va bene',
    next: 'Che cosa esercitare ora',
    remark: 'Dall’insegnante',
    read: 'Leggete insieme queste parole ad alta voce.',
    write: 'Coprite ogni parola, scrivetela e confrontate.',
    find: 'Cercatene una in un libro o per strada.',
    nothing: 'Era tutto giusto. Leggete insieme qualcosa di divertente.',
  },
  pl: {
    wentWell: 'Co idzie dobrze',
    next: 'Co teraz ćwiczyć',
    remark: 'Od nauczyciela',
    read: 'Przeczytajcie razem te słowa na głos.',
    write: 'Zakryjcie słowo, napiszcie je i porównajcie.',
    find: 'Poszukajcie jednego z nich w książce albo po drodze.',
    nothing: 'Wszystko było dobrze. Przeczytajcie razem coś wesołego.',
  },
  ru: {
    wentWell: 'Что получается хорошо',
    next: 'Что повторить дальше',
    remark: 'От учителя',
    read: 'Прочитайте вместе эти слова вслух.',
    write: 'Закройте слово, напишите его и сравните.',
    find: 'Найдите одно из них в книге или по дороге.',
    nothing: 'Всё было верно. Почитайте вместе что-нибудь весёлое.',
  },
  uk: {
    wentWell: 'Що виходить добре',
    next: 'Що повторити далі',
    remark: 'Від учителя',
    read: 'Прочитайте разом ці слова вголос.',
    write: 'Закрийте слово, напишіть його й порівняйте.',
    find: 'Знайдіть одне з них у книжці або дорогою.',
    nothing: 'Усе було правильно. Почитайте разом щось веселе.',
  },
  ja: {
    wentWell: 'よくできていること',
    next: '次に練習すること',
    remark: '先生から',
    read: 'これらのことばをいっしょに声に出して読んでください。',
    write: 'ことばをかくして書き、見くらべてください。',
    find: '本や道でそのことばを一つさがしてください。',
    nothing: 'ぜんぶ正解でした。いっしょに楽しい本を読んでください。',
  },
  ar: {
    wentWell: 'ما يسير جيدًا',
    next: 'ما نتدرّب عليه الآن',
    remark: 'من المعلّم',
    read: 'اقرؤوا هذه الكلمات معًا بصوت عالٍ.',
    write: 'غطّوا كل كلمة، واكتبوها، ثم قارنوا.',
    find: 'ابحثوا عن إحداها في كتاب أو في الطريق.',
    nothing: 'كل شيء صحيح. اقرؤوا معًا شيئًا ممتعًا.',
  },
  zh: {
    wentWell: '做得好的地方',
    next: '接下来要练习的',
    remark: '老师的话',
    read: '请一起大声朗读这些词。',
    write: '盖住每个词，写下来，再对照。',
    find: '在书里或路上找到其中一个词。',
    nothing: '全部正确。一起读点有趣的吧。',
  },
};

export const familyPhrasesOf = (language: string): FamilyPhrases => familyPhrases[language] ?? en;
