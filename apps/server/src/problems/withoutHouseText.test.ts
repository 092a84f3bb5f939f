import { describe, expect, it } from 'vitest';
import { withoutHouseText } from './withoutHouseText.js';

const SECRET = "grandmother's christening gown";

/** A failed query as the database library throws it: its parameters are in the message. */
function failedQuery(): Error {
  const cause = Object.assign(new Error(`duplicate key (name)=(${SECRET})`), { code: '23505' });
  return new Error(`Failed query: insert into pieces values ($1)\nparams: ${SECRET}`, { cause });
}

describe('what the log keeps of an error', () => {
  it('is its kind, its code and its places, and no text of a household', () => {
    const text = withoutHouseText(failedQuery());
    expect(text).not.toContain('christening');
    expect(text).not.toContain('params');
    expect(text).toMatch(
      /^Error\ncaused by Error 23505\n\s+at failedQuery \(.*withoutHouseText\.test\.ts:\d+:\d+\)/,
    );
  });
  it('leaves out a line of the message that looks like a place', () => {
    expect(withoutHouseText(new Error(`x\n    at ${SECRET}`))).not.toContain('christening');
  });
  it('leaves out the text that was no JSON', () => {
    expect(withoutHouseText(thrownBy(() => JSON.parse(SECRET)))).not.toContain('christ');
  });
  it('says what a slip in the program was', () => {
    const slip = thrownBy(() => (undefined as unknown as { marks: string }).marks);
    expect(withoutHouseText(slip)).toMatch(/^TypeError: Cannot read properties of undefined/);
  });
  it('bears what is no error, and a cause that is its own', () => {
    expect(withoutHouseText(SECRET)).toBe('string');
    const round = new Error(SECRET);
    round.cause = round;
    expect(withoutHouseText(round)).not.toContain('christening');
  });
});

function thrownBy(run: () => unknown): unknown {
  try {
    run();
  } catch (error) {
    return error;
  }
  throw new Error('nothing was thrown');
}
