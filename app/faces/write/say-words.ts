/** Words read by a voice of this device, lit one after the other; never by one that asks another host. */

const voiceFor = (language: string): SpeechSynthesisVoice | undefined =>
  typeof speechSynthesis === 'undefined'
    ? undefined
    : speechSynthesis
        .getVoices()
        .find(({ lang, localService }) => localService && lang.startsWith(language.slice(0, 2)));

export const canSay = (language: string): boolean => voiceFor(language) !== undefined;

/** @param onWord is told the place of the word that is read, and undefined at the end */
export function sayWords(
  parts: readonly string[],
  language: string,
  onWord: (at: number | undefined) => void,
): void {
  const voice = voiceFor(language);
  if (!voice) return;
  speechSynthesis.cancel();
  parts.forEach((part, at) => {
    if (/^[.,?!]$/.test(part)) return;
    const said = new SpeechSynthesisUtterance(part);
    said.voice = voice;
    said.rate = 0.85;
    said.onstart = () => onWord(at);
    if (!parts.slice(at + 1).some((each) => !/^[.,?!]$/.test(each))) {
      said.onend = () => onWord(undefined);
    }
    speechSynthesis.speak(said);
  });
}
