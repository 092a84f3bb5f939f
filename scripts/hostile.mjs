/** A generator of numbers from a seed (mulberry32), so that what was found can be asked again. */
export function drawer(seed) {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
  const below = (count) => Math.floor(next() * count);
  const one = (list) => list[below(list.length)];
  return {
    below,
    one,
    chance: (share) => next() < share,
    weighted(shares) {
      let at = next() * Object.values(shares).reduce((sum, share) => sum + share, 0);
      for (const [name, share] of Object.entries(shares)) {
        at -= share;
        if (at < 0) return name;
      }
      return Object.keys(shares)[0];
    },
    /** A line of a log, right in its columns and wrong in what stands in them. */
    line: () => `${Array.from({ length: 12 }, () => one(ODD_CELLS)).join(',')}\r\n`,
  };
}

const ODD_CELLS = [
  '',
  'x',
  '0000-01-01',
  '2026-13-45',
  '=1+1',
  '"',
  'x'.repeat(200),
  '\u0000',
  '-1',
  '1e9',
  'beetroot',
  '100',
];

const HOSTILE = [
  null,
  true,
  '',
  ' ',
  -1,
  0,
  1.5,
  1e308,
  -1e308,
  2 ** 40,
  2 ** 53,
  Number.MIN_VALUE,
  'NaN',
  'x'.repeat(200),
  'x'.repeat(5000),
  '\u0000',
  '\ud800',
  'a\udc00b',
  '\u202e\u200b',
  '😀'.repeat(50),
  '0000-01-01T00:00:00.000Z',
  '9999-12-31T23:59:59.999Z',
  '2026-02-30',
  '00000000-0000-4000-8000-000000000000',
  '__proto__',
  'constructor',
  "'; drop table pieces; --",
  '<script>alert(1)</script>',
  '=cmd|calc',
  '../../etc/passwd',
  [],
  {},
  [[]],
  [null],
  { length: 1e9 },
  Array.from({ length: 2000 }, (_, index) => index),
];

/**
 * A thing as JSON with one place of it, or two, replaced, taken away, doubled or added to.
 * @param sound anything of JSON; it is not changed
 */
export function mutant(sound, draw) {
  const copy = structuredClone(sound);
  const changes = draw.chance(0.8) ? 1 : 2;
  let root = copy;
  for (let change = 0; change < changes; change += 1) root = changedAt(root, draw);
  let text = JSON.stringify(root);
  // What no object of JavaScript can hold.
  if (draw.chance(0.03)) text = text.replace(/"(\w+)":/, '"$1":{},"$1":');
  if (draw.chance(0.03)) text = text.replace('{', '{"__proto__":{"isAdmin":true},');
  if (draw.chance(0.03)) text = text.replace(/:(-?\d+(\.\d+)?)/, ':1e400');
  return text;
}

function changedAt(root, draw) {
  const place = placeIn(root, draw);
  if (!place) return draw.one(HOSTILE);
  const { holder, name } = place;
  const kind = draw.below(6);
  if (kind === 0 && !Array.isArray(holder)) delete holder[name];
  else if (kind === 1)
    holder[name] =
      typeof holder[name] === 'number' ? holder[name] * draw.one([20, -20, 200, 1e9]) : draw.one(HOSTILE);
  else if (kind === 2 && Array.isArray(holder)) holder.push(structuredClone(holder[name]));
  else if (kind === 3 && !Array.isArray(holder)) holder[`${name}2`] = draw.one(HOSTILE);
  else if (kind === 4) holder[name] = nested(draw);
  else holder[name] = draw.one(HOSTILE);
  return root;
}

/** Goes down from the root by chance: near the top and near the leaves alike. */
function placeIn(root, draw) {
  let holder = root;
  if (holder === null || typeof holder !== 'object' || Object.keys(holder).length === 0) return null;
  for (;;) {
    const name = draw.one(Object.keys(holder));
    const inner = holder[name];
    const goesOn = inner !== null && typeof inner === 'object' && Object.keys(inner).length > 0;
    if (!goesOn || draw.chance(0.15)) return { holder, name };
    holder = inner;
  }
}

function nested(draw) {
  let deep = 'x';
  for (let depth = draw.one([5, 60, 3000]); depth > 0; depth -= 1)
    deep = draw.chance(0.5) ? [deep] : { a: deep };
  return deep;
}

/** Bytes with some changed, cut off, put in or doubled. */
export function spoiltBytes(bytes, draw) {
  const copy = Buffer.from(bytes);
  switch (draw.below(5)) {
    case 0:
      return copy.subarray(0, draw.below(copy.length));
    case 1:
      return Buffer.concat([copy, Buffer.from('<?php where')]);
    case 2: {
      const at = draw.below(copy.length);
      return Buffer.concat([
        copy.subarray(0, at),
        Buffer.from([0xff, 0xe1, 0, 7, 1, 2, 3, 4, 5]),
        copy.subarray(at),
      ]);
    }
    default:
      for (let change = draw.below(6); change >= 0; change -= 1)
        copy[draw.below(copy.length)] = draw.below(256);
      return copy;
  }
}
