/** A place in a text: UTF-16 offsets, the end not included. */
export interface Span {
  readonly start: number;
  readonly end: number;
}
