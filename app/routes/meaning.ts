import type { Route } from './+types/meaning';
import { json } from '../../server/requests';
import { rareSenses } from '../../server/meanings';

/** Meanings change with a new version only. */
const kept = { 'Cache-Control': 'private, max-age=86400' };

/** The senses of the rarer words, which the browser does not carry: `?words=aglow,glow`. */
export async function loader({ request }: Route.LoaderArgs) {
  const words = (new URL(request.url).searchParams.get('words') ?? '').split(',').slice(0, 8);
  for (const word of words) {
    const senses = await rareSenses(word);
    if (senses.length > 0) return json({ word, senses }, 200, kept);
  }
  return json({ word: '', senses: [] }, 200, kept);
}
