import { upperFirst } from '@feverfew/knowledge';
import { toPct } from '../quantity/rounding.js';
import type { Action, ActionKind } from '../treatment/plan/action.js';
import { liquidWords } from './round/amountWords.js';
import { durationWords } from './round/durationWords.js';
import type { Lexicon } from './round/lexicon.js';
import { ACTION_WORDS, DRYING_WORDS, PROGRAMME_WORDS } from './round/vocabularyWords.js';
import { sharesWords } from './waterWords.js';

export interface ActionWords {
  /** One verb where it can be. */
  readonly title: string;
  readonly lines: readonly string[];
}

type Say = { readonly [Kind in ActionKind]: (action: Action, say: Lexicon) => ActionWords };

const WORDS: Say = {
  rinseBefore: (action) => ({
    title: 'Rinse first',
    lines: [
      `If anything has been put on it, take that out: ${rinseWords(action, action.rinses ?? 2)}`,
      ...action.notes,
    ],
  }),
  lift: () => ({
    title: 'Lift',
    lines: ['Lift what solids there are with a blunt edge, from the edge inwards. No liquid yet.'],
  }),
  firstAid: (action) => ({
    title: 'At once',
    lines:
      action.notes.length > 0
        ? action.notes
        : action.action === 'blot'
          ? ['Blot with a white cloth, outside in. Change the face as soon as it takes colour.']
          : ['Nothing to do yet: read the notes next to this first.'],
  }),
  hiddenTest: () => ({
    title: 'Try a hidden spot',
    lines: [
      'A drop on an inside seam, wait as long as the real thing, press a white cloth on it. Any colour on the ' +
        'cloth or any change: stop here.',
    ],
  }),
  mix: (action, say) => ({
    title: action.bath || action.waterML || action.ingredients.length > 1 ? 'Mix' : 'Pour out',
    lines: [...waterLines(action, say), ...bathLines(action, say), ...action.notes],
  }),
  apply: (action, say) => ({
    title: action.programme ? 'Load' : action.vessel ? 'Put it in' : 'Apply',
    lines: [
      ...(action.programme
        ? [
            `${upperFirst(PROGRAMME_WORDS[action.programme])} programme, ` +
              `${action.tempC ? say.temp(action.tempC.target) : 'cool'} at most.`,
          ]
        : []),
      ...(action.putOn
        ? [
            `${upperFirst(liquidWords(action.putOn.volumeML, action.putOn.snapped, say))} a go; ${afterGo(action.putOn)}.`,
          ]
        : []),
      ...(action.batches > 1
        ? [`In ${action.batches} lots, one after the other, all in the same days.`]
        : []),
      ...(action.action && action.action !== 'none'
        ? [`${upperFirst(ACTION_WORDS[action.action])}, nothing harder.`]
        : []),
      ...action.notes,
    ],
  }),
  dwell: (action, say) => ({
    title: action.dwell?.keep === 'letDry' ? 'Let it dry' : action.vessel ? 'Soak' : 'Wait',
    lines: [...keepLines(action), ...outlookLines(action, say), ...action.notes],
  }),
  look: (action) => ({
    title: 'Check',
    lines: ['In daylight, next to a clean part. Wet cloth looks darker than it is.', ...action.notes],
  }),
  rinse: (action) => ({
    title: action.rinseWay === 'vacuum' ? 'Clear off' : 'Rinse',
    lines: [
      ...(action.rinseWay === 'vacuum' ? [] : [upperFirst(rinseWords(action, action.rinses ?? 2))]),
      ...action.notes,
    ],
  }),
  airOut: (action) => ({
    title: 'Air it',
    lines: ['Blot the solvent out. Hang outdoors until no smell is left, then go on.', ...action.notes],
  }),
  wash: (action, say) => ({
    title: 'Wash',
    lines: [
      `${upperFirst(PROGRAMME_WORDS[action.programme ?? 'hand'])}${action.programme === 'hand' ? '' : ' programme'}, ` +
        `${action.tempC ? say.temp(action.tempC.max) : 'cool'} at most.`,
      ...action.notes,
    ],
  }),
  dry: (action) => ({
    title: 'Dry',
    lines: [
      ...(action.dryingWays.length > 0
        ? [`Without heat: ${action.dryingWays.map((way) => DRYING_WORDS[way]).join(', ')}.`]
        : ['Air dry in place.']),
      ...action.notes,
    ],
  }),
  finalLook: (action) => ({
    title: 'Check, dry',
    lines: ['Dry and in daylight: is it gone? Only then heat, if the label allows it.', ...action.notes],
  }),
};

/** What a step says to the person, in order. */
const afterGo = ({ goes }: NonNullable<Action['putOn']>): string =>
  goes ? `a fresh pad each time, ${goes} times at most` : 'pour the rest away';

export function actionWords(action: Action, say: Lexicon): ActionWords {
  return WORDS[action.kind](action, say);
}

function waterLines(action: Action, say: Lexicon): string[] {
  if (!action.bath)
    return action.waterML
      ? [
          `${liquidWords(action.waterML, action.waterTools ?? null, say)} water` +
            (action.tempC && action.tempC.target > 25 ? ` at ${say.temp(action.tempC.target)}.` : ', cold.'),
        ]
      : [];
  return [`Into the ${action.vessel?.name ?? 'tub'}: ${sharesWords(action.bath.shares, say)}.`];
}

/** What the bath is: warmth with tub and piece in, pH between its bounds. */
function bathLines({ outlook, pH }: Action, say: Lexicon): string[] {
  const heat = outlook ? `${say.temp(outlook.startC)} with tub and piece in` : null;
  const sour =
    pH?.basis === 'computed'
      ? `pH ${pH.low.toFixed(1)} to ${pH.high.toFixed(1)}${pH.firm ? '' : ', roughly'}`
      : null;
  const lines = [heat, sour].filter((line) => line !== null);
  return lines.length > 0 ? [`It is at ${lines.join(', ')}.`] : [];
}

/** How the bath will be by the end, and what to do about it. */
function outlookLines({ outlook, dwell }: Action, say: Lexicon): string[] {
  if (!outlook || !dwell) return [];
  const { startC, endC, topUp, coolAtMin, oxygen } = outlook;
  const left = oxygen ? oxygen.leftShare : null;
  return [
    ...(dwell.aimMin === null ? [] : [`Aim for about ${durationWords(dwell.aimMin, dwell.aimMin)}.`]),
    ...(startC - endC.likely >= 2
      ? [`From ${say.temp(startC)} it comes down to about ${say.temp(endC.likely)} by the end.`]
      : []),
    ...(topUp
      ? [
          `Below ${say.temp(topUp.belowC)} after about ${durationWords(topUp.afterMin, topUp.afterMin)}: ` +
            `${say.volume(topUp.hotL * 1000)} from the kettle brings it back to ${say.temp(topUp.toC)}. Lift the ` +
            `piece out of the way first.`,
        ]
      : []),
    ...(dwell.untilCool && coolAtMin
      ? [
          `Cool, no warmer than the hand, after ${durationWords(coolAtMin.low, coolAtMin.high)}` +
            (coolsLongBefore({ outlook, dwell })
              ? '; leave it for its time all the same, the oxygen goes on working.'
              : '.'),
        ]
      : []),
    ...(left
      ? [
          `About ${toPct(left.likely)} % of its oxygen is left then ` +
            `(${toPct(left.low)}–${toPct(left.high)} %).`,
        ]
      : []),
  ];
}

/** An oxygen bath that is cool long before its shortest time: then the time counts, not the warmth. */
function coolsLongBefore({ outlook, dwell }: Pick<Action, 'outlook' | 'dwell'>): boolean {
  const cool = outlook?.oxygen ? outlook.coolAtMin : null;
  return cool !== null && dwell !== null && cool.high < dwell.minMin;
}

function keepLines(action: Action): string[] {
  const { dwell } = action;
  if (!dwell) return [];
  return [
    ...(dwell.keep === 'wet'
      ? ['Keep it wet.']
      : dwell.keep === 'letDry'
        ? ['Let it dry out completely.']
        : []),
    ...(dwell.untilCool && !coolsLongBefore(action) ? ['Done when the time is up or the bath is cold.'] : []),
    ...(dwell.attended ? ['Stay with it.'] : []),
  ];
}

function rinseWords({ rinseWay }: Action, times: number): string {
  return rinseWay === 'damp'
    ? `${times === 2 ? 'two' : times} damp passes with a clean cloth and plain water, then a dry cloth.`
    : `${times} changes of plain water, the last one clear.`;
}
