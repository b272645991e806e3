/** The light that moves over rows and cells, for whoever chooses with a switch. */
import { useCallback, useEffect, useRef, useState } from 'react';
import { scanOn, scanStart, scanTake, type Choosing, type ScanGrid } from '~core/practice/scan';

/** A short plain tone of 440 Hz (ISO 16), made here. */
function tone(context: AudioContext) {
  const [oscillator, gain] = [context.createOscillator(), context.createGain()];
  gain.gain.value = 0.06;
  oscillator.connect(gain).connect(context.destination);
  oscillator.start();
  oscillator.stop(context.currentTime + 0.05);
}

export function useScan(
  grid: ScanGrid,
  choosing: Choosing,
  onChosen: (row: number, cell: number) => void,
) {
  const [scan, setScan] = useState(scanStart);
  const audio = useRef<AudioContext>(undefined);
  const { by, pace, repeats, tone: sounds } = choosing;
  const lit = by === 'one' || by === 'two';
  const move = useCallback(() => {
    setScan((state) => scanOn(state, grid, repeats));
    if (sounds) tone((audio.current ??= new AudioContext()));
  }, [grid, repeats, sounds]);
  // With one switch the light moves by itself; every step starts its time anew.
  useEffect(() => {
    if (by !== 'one' || scan.level === 'rest') return undefined;
    const timer = setTimeout(move, pace);
    return () => clearTimeout(timer);
  }, [by, scan, move, pace]);
  useEffect(() => {
    if (!lit) setScan(scanStart);
  }, [lit]);
  const take = () => {
    const { state, chosen } = scanTake(scan, grid);
    setScan(state);
    if (chosen) onChosen(chosen.row, chosen.cell);
  };
  /** With two switches the first begins, and then moves. */
  const step = () => (scan.level === 'rest' ? take() : move());
  return { scan, take, step };
}
