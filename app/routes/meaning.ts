import type { Route } from './+types/meaning';
import { rareSenses } from '../../server/meanings';

/** The senses of the rarer words, which the browser does not carry: `?words=aglow,glow`. */
export async function loader({ request }: Route.LoaderArgs) {
  const words = (new URL(request.url).searchParams.get('words') ?? '').split(',').slice(0, 8);
  for (const word of words) {
    const senses = await rareSenses(word);
    if (senses.length > 0) return Response.json({ word, senses });
  }
  return Response.json({ word: '', senses: [] });
}
