import { describe, expect, test } from 'vitest';
import { joinWav, readWav, secondsOf, type Pcm } from './join-wav';
import { listeningScript } from './listening-script';
import { toSsml } from './ssml';
import { clock, cuesOf, toVtt } from './vtt';

const dialogue = `At the station
Mina: Where is the log book?
Ivo: It is on the shelf,
next to the gauge.
Mina: Thank you!`;

describe('a script from what there is', () => {
  test('sentences, lines or paragraphs of a text', () => {
    const text = '# The storm\nRain fell. The wind blew 3.7 m/s.\n\nAt 7.45 it stopped.';
    const parts = (by: 'sentence' | 'line' | 'paragraph') =>
      listeningScript({ text, by }).parts.map((part) => part.text);
    expect(parts('sentence').slice(-3)).toEqual([
      'Rain fell.',
      'The wind blew 3.7 m/s.',
      'At 7.45 it stopped.',
    ]);
    expect(parts('line')).toEqual([
      'The storm',
      'Rain fell. The wind blew 3.7 m/s.',
      'At 7.45 it stopped.',
    ]);
    expect(parts('paragraph')).toHaveLength(2);
  });

  test('a dialogue is taken by who speaks, whatever is asked for; a line without a name goes on', () => {
    const { parts, speakers } = listeningScript({ text: dialogue, by: 'sentence' });
    expect(speakers).toEqual(['Mina', 'Ivo']);
    expect(parts.map(({ speaker, text }) => `${speaker}|${text}`)).toEqual([
      '|At the station',
      'Mina|Where is the log book?',
      'Ivo|It is on the shelf, next to the gauge.',
      'Mina|Thank you!',
    ]);
  });

  test('one colon makes no dialogue, and a time is no name', () => {
    expect(
      listeningScript({ text: 'Note: bring a coat. We leave at 7:45. It is cold.' }).speakers,
    ).toEqual([]);
  });

  test('what is asked is held within what can be heard', () => {
    const { parts, pace } = listeningScript({ text: 'Rain.', times: 99, pause: -3, pace: 9 });
    expect(parts[0]).toMatchObject({ times: 5, pause: 0 });
    expect(pace).toBe(1.5);
    expect(listeningScript({ text: '' }).parts).toEqual([]);
  });
});

describe('SSML 1.1', () => {
  const ssml = toSsml(
    listeningScript({ text: dialogue, times: 2, pause: 3, pace: 0.85, numbered: true }),
  );
  test('each part as often as it is said, with its voice, pace and silence', () => {
    expect(ssml.match(/<s>/g)).toHaveLength(8);
    expect(ssml).toContain(
      '<p><prosody rate="85%"><voice variant="2"><s>3. It is on the shelf, next to the gauge.</s></voice></prosody></p><break time="3s"/>',
    );
  });

  test('signs of markup are written as what they are; the document opens and closes once', () => {
    const odd = toSsml(listeningScript({ text: 'Wind < 3 & rain > 2 "mm".', language: 'en-GB' }));
    expect(odd).toContain('Wind &lt; 3 &amp; rain &gt; 2 &quot;mm&quot;.');
    // Every element that is opened is closed: a parser of one's own, as small as the check needs.
    const open: string[] = [];
    for (const [, end, name, empty] of ssml.matchAll(/<(\/?)([a-z]+)[^>]*?(\/?)>/g)) {
      if (end) expect(open.pop()).toBe(name);
      else if (!empty) open.push(name ?? '');
    }
    expect(open).toEqual([]);
  });
});

describe('WebVTT', () => {
  test('times as the standard writes them', () => {
    // W3C WebVTT, section 4.1: hours:minutes:seconds.thousandths.
    expect(clock(0)).toBe('00:00:00.000');
    expect(clock(3725.0425)).toBe('01:02:05.043');
    expect(clock(59.9996)).toBe('00:01:00.000');
  });

  test('cues follow each other with the silence between, and speakers are voices', () => {
    const script = listeningScript({ text: dialogue, times: 2, pause: 2 });
    const cues = cuesOf(script, () => 4);
    expect(cues.map(({ start, end }) => [start, end]).slice(0, 3)).toEqual([
      [0, 4],
      [6, 10],
      [12, 16],
    ]);
    const vtt = toVtt(script, cues);
    expect(vtt.startsWith('WEBVTT\n\n1\n00:00:00.000 --> 00:00:04.000\nAt the station\n')).toBe(
      true,
    );
    expect(vtt).toContain('<v Mina>Where is the log book?</v>');
    expect(vtt.match(/-->/g)).toHaveLength(8);
  });

  test('an arrow in the text does not end it', () => {
    expect(toVtt(listeningScript({ text: 'North --> south.' }))).toContain('North --&gt; south.');
  });
});

describe('sounds in one file', () => {
  const tone = (rate: number, seconds: number): Pcm => ({
    rate,
    samples: Int16Array.from({ length: rate * seconds }, (_, at) => (at % 2 === 0 ? 1000 : -1000)),
  });

  test('as long as its parts and the silence between them; it reads back as it was', () => {
    const wav = joinWav([
      { sound: tone(22_050, 1), pause: 2 },
      { sound: tone(22_050, 3), pause: 0 },
    ]);
    const read = readWav(wav);
    expect(secondsOf(read)).toBe(6);
    expect([...read.samples.slice(0, 4)]).toEqual([1000, -1000, 1000, -1000]);
    expect(read.samples[22_050 * 2]).toBe(0);
    expect(read.samples[22_050 * 3]).toBe(1000);
  });

  test('a sound of another rate keeps its length', () => {
    const read = readWav(
      joinWav([
        { sound: tone(22_050, 1), pause: 0 },
        { sound: tone(11_025, 2), pause: 0 },
      ]),
    );
    expect(read.rate).toBe(22_050);
    expect(secondsOf(read)).toBe(3);
  });

  test('what is no WAV is refused', () => {
    expect(() => readWav(new Uint8Array(10))).toThrow(/no WAV/);
    expect(() => readWav(new TextEncoder().encode('RIFFxxxxWAVE'.padEnd(60, 'x')))).toThrow(
      /no WAV/,
    );
  });
});
