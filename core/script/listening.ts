/** Functions for scripts about what is heard. */
import { listeningScript, type ScriptRequest } from '../listening/listening-script';
import { toSsml } from '../listening/ssml';
import { toVtt } from '../listening/vtt';

/**
 * A text, a list, sentences or a dialogue as a script to be heard: its parts with who says each, how
 * often and the silence after it; and the same as SSML and, with estimated times, as WebVTT.
 */
export function writeScript(request: ScriptRequest) {
  const script = listeningScript(request);
  return { ...script, ssml: toSsml(script), webvtt: toVtt(script) };
}
