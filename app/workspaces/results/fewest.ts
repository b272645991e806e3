import { makerInfo } from '~core/exercises/catalogue';

/** How many words an exercise of this kind needs at least. */
export const findFewest = (maker: string): number => makerInfo(maker)?.fewestWords ?? 1;
