/** A small seeded generator (mulberry32), so that the same seed makes the same exercise everywhere. */
export class Random {
  private state: number;

  constructor(seed: number) {
    this.state = seed >>> 0;
  }

  /** A number in [0, 1). */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let mixed = this.state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  }

  /** A copy in random order (Fisher and Yates). */
  shuffle<Item>(items: readonly Item[]): Item[] {
    const shuffled = [...items];
    for (let index = shuffled.length - 1; index > 0; index -= 1) {
      const other = Math.floor(this.next() * (index + 1));
      [shuffled[index], shuffled[other]] = [shuffled[other] as Item, shuffled[index] as Item];
    }
    return shuffled;
  }
}
