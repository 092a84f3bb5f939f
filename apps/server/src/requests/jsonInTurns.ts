import { InvalidInput } from '../problems/invalidInput.js';
import type { GiveWay } from '../turns/turns.js';
import { findTextFault } from './soundText.js';

const [QUOTE, BACKSLASH, COMMA, COLON] = [0x22, 0x5c, 0x2c, 0x3a];
const [OPEN_OBJECT, CLOSE_OBJECT, OPEN_ARRAY, CLOSE_ARRAY] = [0x7b, 0x7d, 0x5b, 0x5d];
const SPACES = new Set([0x20, 0x09, 0x0a, 0x0d]);
const BYTE_ORDER_MARK = Buffer.from([0xef, 0xbb, 0xbf]);

/**
 * The same as `JSON.parse`, for an object that holds long lists: each row is read by itself, with everybody's turn in
 * between, and looked through for text that cannot be kept.
 * @param bytes UTF-8
 * @throws SyntaxError where it is no JSON; InvalidInput for text that cannot be kept
 */
export async function jsonInTurns(bytes: Buffer, giveWay: GiveWay): Promise<unknown> {
  const at = new Cursor(bytes.subarray(0, 3).equals(BYTE_ORDER_MARK) ? bytes.subarray(3) : bytes);
  at.skipSpace();
  if (!at.isAt(OPEN_OBJECT)) return sound(at.rest(), []);
  const members: [string, unknown][] = [];
  await eachOf(at, OPEN_OBJECT, CLOSE_OBJECT, async () => {
    if (!at.isAt(QUOTE)) throw notJson();
    const name = sound(at.value(), []) as string;
    at.skipSpace();
    at.take(COLON);
    at.skipSpace();
    members.push([name, at.isAt(OPEN_ARRAY) ? await rows(at, name, giveWay) : sound(at.value(), [name])]);
    await giveWay();
  });
  at.skipSpace();
  if (!at.isOver) throw notJson();
  return Object.fromEntries(members);
}

async function rows(at: Cursor, name: string, giveWay: GiveWay): Promise<unknown[]> {
  const found: unknown[] = [];
  await eachOf(at, OPEN_ARRAY, CLOSE_ARRAY, async () => {
    found.push(sound(at.value(), [name, String(found.length)]));
    await giveWay();
  });
  return found;
}

/** Members between brackets, with commas between them; the cursor stands on each as it is read. */
async function eachOf(at: Cursor, open: number, close: number, read: () => Promise<void>): Promise<void> {
  at.take(open);
  at.skipSpace();
  if (at.isAt(close)) return at.take(close);
  for (;;) {
    await read();
    at.skipSpace();
    if (at.isAt(close)) return at.take(close);
    at.take(COMMA);
    at.skipSpace();
  }
}

function sound(value: unknown, place: readonly string[]): unknown {
  const fault = findTextFault(value, place.length);
  if (fault) throw new InvalidInput([{ ...fault, path: [...place, ...fault.path] }]);
  return value;
}

const notJson = () => new SyntaxError('no JSON');

class Cursor {
  private index = 0;

  constructor(private readonly bytes: Buffer) {}

  get isOver(): boolean {
    return this.index >= this.bytes.length;
  }

  isAt(byte: number): boolean {
    return this.bytes[this.index] === byte;
  }

  take(byte: number): void {
    if (!this.isAt(byte)) throw notJson();
    this.index += 1;
  }

  skipSpace(): void {
    while (SPACES.has(this.bytes[this.index] ?? 0)) this.index += 1;
  }

  /** The value that begins here; the cursor is behind it then. Whether it is one, `JSON.parse` says. */
  value(): unknown {
    const from = this.index;
    this.index = this.end();
    return JSON.parse(this.bytes.toString('utf8', from, this.index));
  }

  /** All there is from here on. */
  rest(): unknown {
    return JSON.parse(this.bytes.toString('utf8', this.index));
  }

  private end(): number {
    const { bytes } = this;
    let depth = 0;
    for (let at = this.index; at < bytes.length; at += 1) {
      const byte = bytes[at];
      if (byte === QUOTE) at = this.endOfText(at);
      else if (byte === OPEN_OBJECT || byte === OPEN_ARRAY) depth += 1;
      else if (byte === CLOSE_OBJECT || byte === CLOSE_ARRAY) {
        // A number or a word ends before what closes the list it stands in.
        if (depth === 0) return at;
        depth -= 1;
      } else if (depth === 0 && (byte === COMMA || byte === COLON || SPACES.has(byte ?? 0))) return at;
      else continue;
      if (depth === 0) return at + 1;
    }
    return bytes.length;
  }

  /** Where the text that begins here has its second quote. */
  private endOfText(from: number): number {
    for (let at = from + 1; at < this.bytes.length; at += 1) {
      if (this.bytes[at] === BACKSLASH) at += 1;
      else if (this.bytes[at] === QUOTE) return at;
    }
    return this.bytes.length;
  }
}
