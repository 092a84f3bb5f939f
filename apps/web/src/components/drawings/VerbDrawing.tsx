import type { ReactNode } from 'react';

const WATER = { stroke: 'var(--ff-colors-slate-water)', strokeWidth: 3.2 } as const;
const MARK = { fill: '#c4607c', stroke: 'none' } as const;
const MOVE = { stroke: 'var(--ff-colors-slate-label)', strokeWidth: 2.6 } as const;

/** Cloth lying flat, seen from the side, with the mark in it. */
const PILE = (
  <>
    <path d="M4 62H84 M12 62v7 M24 62v7 M36 62v7 M48 62v7 M60 62v7 M72 62v7" />
    <path d="M28 58.5q16 4 32 0l-1 3H29Z" {...MARK} />
  </>
);

/** What the hand does, in line, by the verb of the first seconds. */
const DRAWINGS: Readonly<Record<string, ReactNode>> = {
  coldFlush: (
    <>
      <path d="M6 12H40Q52 12 52 24V30H42V24H6 M18 12V5 M10 5H26" />
      <path d="M47 36V50" {...WATER} />
      <path d="M14 46Q30 54 46 54T80 46L84 70Q64 64 46 70T8 70Z" />
      <path d="M38 54q8 10 18-.5Z" {...MARK} />
      <path d="M38 74v4 M47 74v4 M56 74v4" {...WATER} />
    </>
  ),
  blot: (
    <>
      {PILE}
      <path d="M26 56V46q18-5 36 0V56Z" />
      <path d="M44 6V34 M33 24L44 35 55 24" {...MOVE} />
    </>
  ),
  lift: (
    <>
      {PILE}
      <path d="M82 20L54 50q-10 8-16 6" strokeWidth="2.4" />
      <path d="M58 16Q44 18 38 34 M36 24l2 11 10-5" {...MOVE} />
    </>
  ),
  shake: (
    <>
      <path d="M18 14H70V50Q56 44 44 50T18 50Z" />
      <path d="M10 22V44 M78 22V44" {...MOVE} />
      <path d="M30 62v5 M44 60v5 M58 62v5" {...WATER} />
    </>
  ),
  absorb: (
    <>
      {PILE}
      <path d="M22 56q22-20 44 0" />
      <path d="M36 30v4 M44 24v4 M52 30v4 M40 38v3 M49 38v3" {...MOVE} />
    </>
  ),
  letDry: (
    <>
      {PILE}
      <circle cx="44" cy="26" r="16" />
      <path d="M44 16V26l7 5" {...MOVE} />
    </>
  ),
  chill: (
    <>
      {PILE}
      <path d="M30 26H58V52H30Z M30 26l7-8H65L58 26 M65 18V43L58 52" />
      <path d="M37 34l6 6 M50 34l-4 10" {...WATER} />
    </>
  ),
  vacuum: (
    <>
      {PILE}
      <path d="M34 52H54L48 42H40Z M44 42V24Q44 12 56 12H78" />
      <path d="M30 46v-8 M58 46v-8" {...MOVE} />
    </>
  ),
  hangToAir: <path d="M8 14V74 M80 14V74 M2 18C26 26 62 26 86 18 M26 22V60H62V22 M34 20v6 M54 20v6" />,
  ventilate: (
    <>
      <path d="M16 10H60V70H16Z M38 10V70 M60 10L78 20V78L60 70" />
      <path d="M66 44H86 M80 38l6 6-6 6" {...MOVE} />
    </>
  ),
};
const SAME_AS: Readonly<Record<string, string>> = {
  rinseOutProduct: 'coldFlush',
  rewash: 'coldFlush',
  detergent: 'absorb',
};

/** A picture of a verb; null where there is none of it. */
export function verbDrawing(verbs: readonly string[]): ReactNode {
  const found = verbs.map((verb) => DRAWINGS[SAME_AS[verb] ?? verb]).find((one) => one !== undefined);
  return found ? (
    <svg
      aria-hidden="true"
      width="88"
      height="80"
      viewBox="0 0 88 80"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.9"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {found}
    </svg>
  ) : null;
}
