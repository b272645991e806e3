/** School hands and inks by name; what each font can write: `hands.ts`. */

/** How the letters of a model are inked. */
export const inks = ['solid', 'grey', 'dots', 'outline', 'arrows', 'blank'] as const;
export type Ink = (typeof inks)[number];

export const inkNames: Readonly<Record<Ink, string>> = {
  solid: 'black',
  grey: 'grey',
  dots: 'dotted',
  outline: 'outline',
  arrows: 'with start dots and arrows',
  blank: 'an empty line',
};

export const handNames = {
  print: 'Pre-cursive',
  joined: 'Joined',
  'gb-semi': 'English, some letters joined',
  'gb-joined': 'English, joined',
  'us-cursive': 'American cursive',
  'fr-cursive': 'Upright cursive',
  andika: 'Plain print',
  'ie-cursive': 'Irish cursive',
  'us-modern': 'American modern cursive',
  'nz-cursive': 'New Zealand hand',
  nsw: 'New South Wales and ACT',
  qld: 'Queensland',
  sa: 'South Australia',
  tas: 'Tasmania',
  'de-grund': 'German basic hand',
  'es-cursive': 'Spanish cursive',
  'it-modern': 'Italian modern hand',
  'pt-cursive': 'Portuguese cursive',
} as const;
export type HandName = keyof typeof handNames;
export const handIds = Object.keys(handNames) as HandName[];
