/** The common list of concepts, fetched when a class first needs it. */
import { readConcepts, type Concepts } from './concept';

let concepts: Concepts | undefined;

export async function loadConcepts(): Promise<void> {
  if (concepts) return;
  const { default: rows } = await import('./concepts.json');
  concepts = readConcepts(rows);
}

/** Undefined until they are loaded. */
export const loadedConcepts = (): Concepts | undefined => concepts;
