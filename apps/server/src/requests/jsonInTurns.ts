import { InvalidInput } from '../problems/invalidInput.js';
import type { YieldControl } from '../turns/cooperative.js';
import { findTextFault } from './storableText.js';

const [QUOTE, BACKSLASH, COMMA, COLON] = [0x22, 0x5c, 0x2c, 0x3a];
const [OPEN_OBJECT, CLOSE_OBJECT, OPEN_ARRAY, CLOSE_ARRAY] = [0x7b, 0x7d, 0x5b, 0x5d];
/** No row comes near: a run as long as it may be has 4 MB. Read at once, it keeps others waiting for 50 ms. */
const MAX_ROW_BYTES = 8_000_000;
const SPACES = new Set([0x20, 0x09, 0x0a, 0x0d]);
const BYTE_ORDER_MARK = Buffer.from([0xef, 0xbb, 0xbf]);

/**
 * Like `JSON.parse`, for an object that holds long lists: each row is read by itself, with everybody's turn in between.
 * Text that cannot be kept is refused, and a name that comes twice in one row.
 * @param bytes UTF-8
 * @throws SyntaxError where it is no JSON; InvalidInput for text that cannot be kept, a name twice, a row over 8 MB
 */
export async function jsonInTurns(bytes: Buffer, yieldControl: YieldControl): Promise<unknown> {
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
    members.push([
      name,
      at.isAt(OPEN_ARRAY) ? await rows(at, name, yieldControl) : sound(at.value(), [name]),
    ]);
    await yieldControl();
  });
  at.skipSpace();
  if (!at.isOver) throw notJson();
  if (new Set(members.map(([name]) => name)).size < members.length) throw twice();
  return Object.fromEntries(members);
}

async function rows(at: Cursor, name: string, yieldControl: YieldControl): Promise<unknown[]> {
  const found: unknown[] = [];
  await eachOf(at, OPEN_ARRAY, CLOSE_ARRAY, async () => {
    found.push(sound(at.value(), [name, String(found.length)]));
    await yieldControl();
  });
  return found;
}

/** Members between brackets, with commas between them; the cursor is on each as it is read. */
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
const tooLong = () => new InvalidInput([{ path: [], message: 'A row of it is longer than 8 MB.' }]);
const twice = () => new InvalidInput([{ path: [], message: 'A row of it has the same name twice.' }]);

/** @throws SyntaxError */
const unescaped = (text: string): string => JSON.parse(text) as string;

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
    /** Names met so far in each object that is open; null for a list. */
    const open: (Set<string> | null)[] = [];
    let isName = false;
    for (let at = this.index; at < bytes.length; at += 1) {
      const byte = bytes[at];
      if (at - this.index > MAX_ROW_BYTES) throw tooLong();
      if (byte === QUOTE) {
        const from = at;
        at = this.endOfText(at);
        const names = open.at(-1);
        if (isName && names) this.requireOnce(names, from, at);
        isName = false;
      } else if (byte === OPEN_OBJECT || byte === OPEN_ARRAY) {
        depth += 1;
        isName = byte === OPEN_OBJECT;
        open.push(isName ? new Set() : null);
      } else if (byte === CLOSE_OBJECT || byte === CLOSE_ARRAY) {
        // A number or a literal ends before the bracket of its list.
        if (depth === 0) return at;
        depth -= 1;
        open.pop();
      } else if (byte === COMMA && depth > 0) {
        isName = true;
        continue;
      } else if (depth === 0 && (byte === COMMA || byte === COLON || SPACES.has(byte ?? 0))) return at;
      else continue;
      if (depth === 0) return at + 1;
    }
    return bytes.length;
  }

  private requireOnce(names: Set<string>, from: number, to: number): void {
    const text = this.bytes.toString('utf8', from, to + 1);
    // The same name may be written in two ways.
    const name = text.includes('\\') ? unescaped(text) : text.slice(1, -1);
    if (names.has(name)) throw twice();
    names.add(name);
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
