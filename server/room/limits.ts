/** How much may be asked at once: a bucket that fills again with time. */
export class Bucket {
  private left: number;
  private at: number;

  /**
   * @param most calls that may come at once
   * @param perSecond calls that come back each second
   * @param now milliseconds
   */
  constructor(
    private readonly most: number,
    private readonly perSecond: number,
    now = Date.now(),
  ) {
    this.left = most;
    this.at = now;
  }

  /** True where there was room for one more. */
  take(now = Date.now()): boolean {
    const back = (Math.max(0, now - this.at) / 1000) * this.perSecond;
    this.left = Math.min(this.most, this.left + back);
    this.at = now;
    if (this.left < 1) return false;
    this.left -= 1;
    return true;
  }

  /** True where nothing was taken of late: it need not be remembered. */
  isFull(now = Date.now()): boolean {
    return this.left + ((now - this.at) / 1000) * this.perSecond >= this.most;
  }
}

/** A bucket for each address; those that are full again are forgotten. */
export class Buckets {
  private readonly of = new Map<string, Bucket>();

  constructor(
    private readonly most: number,
    private readonly perSecond: number,
  ) {}

  private bucket(key: string): Bucket {
    const known = this.of.get(key);
    if (known) return known;
    if (this.of.size > 10_000) {
      for (const [each, bucket] of this.of) if (bucket.isFull()) this.of.delete(each);
    }
    const made = new Bucket(this.most, this.perSecond);
    this.of.set(key, made);
    return made;
  }

  take(key: string): boolean {
    return this.bucket(key).take();
  }
}
