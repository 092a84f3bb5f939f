import { type AtOnceVerb, type Note, STANDING_NOTES } from '@feverfew/knowledge';
import { cautionsHere } from '../case/cautionsHere.js';
import { explosivesHere, isUntouchable } from '../case/explosivesHere.js';
import { fumesHere } from '../case/fumesHere.js';
import type { PlanContext } from '../case/planContext.js';
import { rottenHere } from '../case/rottenHere.js';
import { spoilersHere } from '../case/spoilersHere.js';
import { hasFuel, heatsItself, holdsVapour, isSoakedWithFuel, isVapour } from '../case/vapourHere.js';

/** A first act that keeps people from harm. Nothing else is done until it has been. */
export interface DangerAct {
  readonly note: Note;
  readonly verbs: readonly AtOnceVerb[];
}

const {
  handsOff,
  wetOrDry,
  floodNow,
  fluorideOff,
  fuelOutside,
  oilOutside,
  bagAway,
  leaveFumes,
  floodFumes,
  blotFumes,
  airOutdoors,
  airRoom,
  fuelOffBody,
} = STANDING_NOTES;

/**
 * Lines that protect people, in order. They come before every other line and replace most of them.
 * @returns `only`: no other first act and no "don't" of a course may join it. Empty if there is no danger.
 */
export function dangerFirst(context: PlanContext): {
  readonly acts: readonly DangerAct[];
  readonly only: boolean;
} {
  const { rinsable, residues, item } = context;
  const act = (note: Note, ...verbs: AtOnceVerb[]): DangerAct => ({ note, verbs });
  if (isUntouchable(context)) {
    const isUnsure = rinsable && context.facts.wetness === 'unknown';
    return { acts: [act(isUnsure ? wetOrDry : handsOff, 'handsOff')], only: true };
  }
  if (explosivesHere(context).length > 0) return { acts: [act(floodNow, 'keepFlooded')], only: true };
  if (spoilersHere(context).length > 0) return { acts: [act(fluorideOff, 'handsOff')], only: true };
  const fumes =
    fumesHere(context).length > 0
      ? [act(leaveFumes, 'leaveRoom', 'ventilate'), act(rinsable ? floodFumes : blotFumes, 'rinseOutProduct')]
      : [];
  if (isSoakedWithFuel(context))
    return { acts: [...fumes.slice(0, 1), act(fuelOutside, 'airOutdoors')], only: true };
  if (heatsItself(context))
    return { acts: [...fumes.slice(0, 1), act(oilOutside, 'airOutdoors')], only: true };
  if (rottenHere(context))
    return { acts: [...fumes.slice(0, 1), act(bagAway, 'protect', 'isolate')], only: true };
  const solvent = residues.some(isVapour);
  const fuel = hasFuel(context);
  const waits = holdsVapour(context) && (solvent || fuel || fumes.length > 0);
  const outside = fuel ? fuelOffBody : airOutdoors;
  const air = waits ? [act(item.fitsABag ? outside : airRoom, 'airOutdoors')] : [];
  // Aired before any water: where both are so, the water waits.
  const acts = waits ? [...fumes.slice(0, 1), ...air] : fumes;
  return { acts, only: fumes.length > 0 };
}

/** Gloves, a mask, the plug, the window: what guards a person before the hand touches anything. */
export const guardsFirst = (context: PlanContext): string[] => [
  ...new Set(cautionsHere(context).flatMap(({ first }) => first ?? [])),
];
