/** The font packages (@fontsource) in which the school hands come: for packing their metrics, and for tests. */
import type { HandName } from '../kernel/hand-names';

export const handFiles: Readonly<Record<HandName, string>> = {
  print: 'edu-au-vic-wa-nt-pre',
  joined: 'edu-au-vic-wa-nt-hand',
  'us-cursive': 'playwrite-us-trad',
  'fr-cursive': 'playwrite-fr-moderne',
  andika: 'andika',
  'ie-cursive': 'playwrite-ie',
  'us-modern': 'playwrite-us-modern',
  'nz-cursive': 'playwrite-nz',
  nsw: 'edu-nsw-act-foundation',
  qld: 'edu-qld-beginner',
  sa: 'edu-sa-beginner',
  tas: 'edu-tas-beginner',
  'de-grund': 'playwrite-de-grund',
  'es-cursive': 'playwrite-es',
  'it-modern': 'playwrite-it-moderna',
  'pt-cursive': 'playwrite-pt',
};
