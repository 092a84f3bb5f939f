import { ServerError } from '../problems/serverError.js';

/** Taps worked on at once: the database takes one after the other anyway. */
const AT_ONCE = 4;
/** Those that wait before another is refused. At 10 ms a tap the last of them is answered within four seconds. */
const MAX_WAITING = 400;

/** First come, first served. Where too many wait, the next one is asked to come again. */
export class InOrder {
  private atWork = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(
    private readonly atOnce = AT_ONCE,
    private readonly mostWaiting = MAX_WAITING,
  ) {}

  /** @throws ServerError overloaded where too many wait already */
  async take<Result>(work: () => Promise<Result>): Promise<Result> {
    if (this.atWork >= this.atOnce) {
      if (this.waiting.length >= this.mostWaiting)
        throw new ServerError('overloaded', { message: 'Too many at once. It is tried again by itself.' });
      // The one that ends hands its place on: a newcomer cannot take it.
      await new Promise<void>((turn) => this.waiting.push(turn));
    } else this.atWork += 1;
    try {
      return await work();
    } finally {
      const next = this.waiting.shift();
      if (next) next();
      else this.atWork -= 1;
    }
  }
}
