/** What a method of a writer is, and the families they stand in. */
export const methodFamilies = {
  image: 'Images',
  sound: 'Sound',
  shape: 'Shape and order',
  voice: 'Voice and irony',
  words: 'Words and grammar',
  story: 'Story',
} as const;
export type MethodFamily = keyof typeof methodFamilies;

export interface Method {
  readonly id: string;
  readonly name: string;
  readonly family: MethodFamily;
  readonly definition: string;
  readonly example: string;
}
