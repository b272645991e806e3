/** A validation: an id is short and made of letters, digits and signs that are safe in an address. */
import { Matches } from 'class-validator';

export const IsId = () =>
  Matches(/^[\p{L}\p{N}_.:-]{1,120}$/u, { message: 'This id cannot stand in an address.' });
