import type { Route } from './+types/speech';
import { accents, type Accent } from '~core/kernel/accent';
import { BusyError } from '../../server/queue';
import { json } from '../../server/requests';
import { say, SpeechError } from '../../server/speech';
import { t } from '~/phrases/t';

const A_MONTH = 60 * 60 * 24 * 30;

/** A text or a sound as a WAV: `?text=rain&language=en&accent=british&pace=0.8` or `?sound=EY&accent=british`. */
export async function loader({ request }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url);
  const asked = searchParams.get('accent') as Accent | null;
  const accent = asked !== null && accents.includes(asked) ? asked : 'american';
  const sound = searchParams.get('sound');
  const text = searchParams.get('text') ?? '';
  const language = searchParams.get('language') ?? 'en';
  const pace = Number(searchParams.get('pace') ?? 1);
  try {
    const wav = await say(sound === null ? { text, language, accent, pace } : { sound, accent });
    return new Response(new Uint8Array(wav), {
      headers: {
        'Content-Type': 'audio/wav',
        'Cache-Control': `private, max-age=${A_MONTH}`,
        'X-Content-Type-Options': 'nosniff',
      },
    });
  } catch (error) {
    if (error instanceof SpeechError) {
      return json({ message: error.message }, 422);
    }
    if (error instanceof BusyError) return json({ message: error.message }, 503);
    console.error(error);
    return json({ message: t('page.theVoiceCouldNotSpeak') }, 500);
  }
}
