import type { Colour } from '@feverfew/knowledge';
import type { DrumPiece, HeldBy } from './drumPiece.js';

export const CLASH_CODES = [
  'alone',
  'ownLoad',
  'tooHot',
  'shortProgramme',
  'woolApart',
  'bleeds',
  'untested',
  'greys',
  'lint',
  'noBleach',
  'muddy',
] as const;
export type ClashCode = (typeof CLASH_CODES)[number];

/** Why two may not share a drum: `holderId` is the one the reason lies with, `otherId` the one it would harm. */
export interface DrumClash {
  readonly code: ClashCode;
  readonly holderId: string;
  readonly otherId: string;
  readonly by: HeldBy | null;
}

/** From palest to darkest; a piece of several colours gives like a dark one and shows dye like a pale one. */
const SHADE: Readonly<Record<Colour, { readonly gives: number; readonly shows: number }>> = {
  white: { gives: 0, shows: 0 },
  natural: { gives: 0, shows: 0 },
  pale: { gives: 1, shows: 1 },
  mid: { gives: 2, shows: 2 },
  dark: { gives: 3, shows: 3 },
  multicoloured: { gives: 2, shows: 1 },
  unknown: { gives: 3, shows: 0 },
};

/**
 * Why two pieces may not share a drum; null where they may. It does not matter which of the two is named first.
 * Common practice, no source, save the heat for germs (`hygienes`).
 */
export function clashOf(one: DrumPiece, other: DrumPiece): DrumClash | null {
  return whyNot(one, other) ?? whyNot(other, one);
}

/** What in `holder` forbids `other`. */
function whyNot(holder: DrumPiece, other: DrumPiece): DrumClash | null {
  const clash = (code: ClashCode, by: HeldBy | null = null): DrumClash => ({
    code,
    holderId: holder.id,
    otherId: other.id,
    by,
  });
  if (holder.alone) return clash('alone', holder.alone);
  const { floor } = holder;
  const use: HeldBy | null = floor && { kind: 'use', hygieneId: floor.hygieneId };
  if (holder.ownLoad !== null && holder.ownLoad !== other.ownLoad) return clash('ownLoad', use);
  // What felts is hurt by the weight and the buttons of other things, and its programme hardly cleans them.
  if (holder.programme.value === 'woollens' && other.programme.value !== 'woollens')
    return clash('woolApart', holder.programme.by);
  // What cannot have the heat its use asks for goes alone, as hot as it can.
  if (floor && !floor.met && other.floor?.hygieneId !== floor.hygieneId) return clash('alone', use);
  if (floor?.met) {
    if (other.maxC.value < floor.floorC) return clash('tooHot', use);
    if (other.programme.value === 'woollens' || other.programme.value === 'delicate')
      return clash('shortProgramme', use);
    if (holder.wantsOxygen && other.oxygen.value === 'never') return clash('noBleach', other.oxygen.by);
  }
  return (
    colourClash(holder, other, clash) ??
    lintClash(holder, other, clash) ??
    (holder.soil === 'heavy' && isSpared(other) ? clash('muddy') : null)
  );
}

/** What a very dirty thing would soil or wear: what is hardly dirty, and what is washed gently. */
const isSpared = ({ soil, programme }: DrumPiece): boolean =>
  soil === 'light' || programme.value === 'woollens' || programme.value === 'delicate';

type Make = (code: ClashCode, by?: HeldBy | null) => DrumClash;

function colourClash(holder: DrumPiece, other: DrumPiece, clash: Make): DrumClash | null {
  const { gives } = SHADE[holder.colour];
  const { shows } = SHADE[other.colour];
  const by: HeldBy = { kind: 'colour', colour: holder.colour, fastness: holder.fastness };
  if (gives === 0) return null;
  // A dye known to run goes with its like alone.
  if (holder.fastness === 'failed' && !(other.fastness === 'failed' && other.colour === holder.colour))
    return clash('bleeds', by);
  if (holder.fastness === 'unknown' && shows < gives) return clash('untested', by);
  // Even a proven dark gives a trace each time, and what is two steps paler shows it.
  if (gives - shows >= 2) return clash('greys', by);
  return null;
}

const lintClash = (holder: DrumPiece, other: DrumPiece, clash: Make): DrumClash | null =>
  holder.lint === 'gives' && other.lint === 'takes'
    ? clash('lint', { kind: 'cloth', clothKindId: holder.clothKindId })
    : null;
