/** A clock is set, not corrected, when it moves by more than this against the time that really passed, ms. */
const JUMP_MS = 120_000;

export interface ClockJump {
  /** Difference between the computer's clock and the elapsed time, ms; below 0 if the clock is behind. */
  readonly byMs: number;
}

export interface ClockWatch {
  /** An unexplained jump; null while the computer's clock agrees with the elapsed time. */
  readonly jump: ClockJump | null;
  /** From now on the computer's clock is right. @returns by how much the time moved, ms */
  accept(): number;
}

/** No clock watch. */
export const NO_JUMP: ClockWatch = { jump: null, accept: () => 0 };

/**
 * The time, by the computer's clock as long as that agrees with how much time really passed. Small corrections are
 * followed. Where it jumps, time goes on as it passed, so that no soak ends a day late for a clock that was wrong for a
 * moment; whether the clock is right now is for a person to say.
 */
export class SteadyClock implements ClockWatch {
  private at: number;
  private passed: number;
  private byMs = 0;

  /**
   * @param wallMs the computer's clock, ms since 1970
   * @param passedMs elapsed time since any fixed moment, ms: it goes on during sleep, and it cannot be set
   */
  constructor(
    private readonly wallMs: () => number,
    private readonly passedMs: () => number,
  ) {
    this.at = wallMs();
    this.passed = passedMs();
  }

  get jump(): ClockJump | null {
    this.read();
    return this.byMs === 0 ? null : { byMs: this.byMs };
  }

  read(): Date {
    const [wall, passed] = [this.wallMs(), this.passedMs()];
    const steady = this.at + (passed - this.passed);
    const isJump = Math.abs(wall - steady) > JUMP_MS;
    this.byMs = isJump ? wall - steady : 0;
    this.at = isJump ? steady : wall;
    this.passed = passed;
    return new Date(this.at);
  }

  accept(): number {
    this.read();
    const { byMs } = this;
    this.at += byMs;
    this.byMs = 0;
    return byMs;
  }
}
