import type { Action, ActionKind } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Lexicon } from './lexicon.js';
import { ACTION_WORDS, DRYING_WORDS, PROGRAMME_WORDS } from './vocabularyWords.js';

export interface ActionWords {
  /** One verb where it can be. */
  readonly title: string;
  readonly lines: readonly string[];
}

type Say = { readonly [Kind in ActionKind]: (step: Action, say: Lexicon) => ActionWords };

const WORDS: Say = {
  rinseBefore: (step) => ({
    title: 'Rinse first',
    lines: [`If anything has been put on it, take that out: ${rinseWords(step, 2)}`, ...step.notes],
  }),
  lift: () => ({
    title: 'Lift',
    lines: ['Lift what solids there are with a blunt edge, from the edge inwards. No liquid yet.'],
  }),
  firstAid: (step) => ({
    title: 'First aid',
    lines:
      step.notes.length > 0
        ? step.notes
        : ['Blot with a white cloth, outside in. Change the face as soon as it takes colour.'],
  }),
  hiddenTest: () => ({
    title: 'Try a hidden spot',
    lines: [
      'A drop on an inside seam, wait as long as the real thing, press a white cloth on it. Any colour on the cloth or any change: stop here.',
    ],
  }),
  mix: (step, say) => ({
    title: step.bath || step.waterML || step.ingredients.length > 1 ? 'Mix' : 'Pour out',
    lines: [...waterLines(step, say), ...bathLines(step, say), ...step.notes],
  }),
  apply: (step, say) => ({
    title: step.programme ? 'Load' : step.vessel ? 'Put it in' : 'Apply',
    lines: [
      ...(step.programme
        ? [
            `${upper(PROGRAMME_WORDS[step.programme])} programme, ${step.tempC ? say.temp(step.tempC.target) : 'cool'} at most.`,
          ]
        : []),
      ...(step.batches > 1 ? [`In ${step.batches} lots, one after the other, all in the same days.`] : []),
      ...(step.action && step.action !== 'none'
        ? [`${upper(ACTION_WORDS[step.action])}, nothing harder.`]
        : []),
      ...step.notes,
    ],
  }),
  dwell: (step, say) => ({
    title: step.dwell?.keep === 'letDry' ? 'Let it dry' : step.vessel ? 'Soak' : 'Wait',
    lines: [...keepLines(step), ...outlookLines(step, say), ...step.notes],
  }),
  look: (step) => ({
    title: 'Look',
    lines: ['In daylight, beside a clean part. Wet cloth looks darker than it is.', ...step.notes],
  }),
  rinse: (step) => ({
    title: step.rinseWay === 'vacuum' ? 'Clear off' : 'Rinse',
    lines: [
      ...(step.rinseWay === 'vacuum' ? [] : [upper(rinseWords(step, step.rinses ?? 2))]),
      ...step.notes,
    ],
  }),
  airOut: () => ({
    title: 'Air it',
    lines: ['Blot the solvent out. Hang outdoors until no smell is left, then go on.'],
  }),
  wash: (step, say) => ({
    title: 'Wash',
    lines: [
      `${upper(PROGRAMME_WORDS[step.programme ?? 'hand'])}${step.programme === 'hand' ? '' : ' programme'}, ${step.tempC ? say.temp(step.tempC.max) : 'cool'} at most.`,
      ...step.notes,
    ],
  }),
  dry: (step) => ({
    title: 'Dry',
    lines: [
      ...(step.dryingWays.length > 0
        ? [`Without heat: ${step.dryingWays.map((way) => DRYING_WORDS[way]).join(', ')}.`]
        : ['Air dry in place.']),
      ...step.notes,
    ],
  }),
  finalLook: () => ({
    title: 'Look again, dry',
    lines: ['Dry and in daylight: is it gone? Only then heat, if the label allows it.'],
  }),
};

/** What a step says to the person, in order. */
export function actionWords(step: Action, say: Lexicon): ActionWords {
  return WORDS[step.kind](step, say);
}

/** The rung's recipe in one line of figures: amount, water, temperature, dwell. */
export function passFigures(rung: Pass, say: Lexicon, amount: (step: Action) => string[]): string[] {
  const mix = rung.steps.find((step) => step.kind === 'mix');
  const dwell = rung.steps.find((step) => step.kind === 'dwell')?.dwell;
  return [
    ...(mix ? amount(mix) : []),
    ...(mix?.bath
      ? [
          `${say.volume(mix.bath.waterL * 1000)} water at ${say.temp(mix.tempC?.target ?? mix.bath.shares.tempC)}`,
        ]
      : []),
    ...(mix && !mix.bath && mix.tempC
      ? [mix.tempC.target <= 25 ? 'cold' : `at ${say.temp(mix.tempC.target)} at most`]
      : []),
    ...(dwell ? [durationWords(dwell.minMin, dwell.maxMin)] : []),
  ];
}

/** "20–30 min", "6–8 h". */
export function durationWords(minMin: number, maxMin: number): string {
  const [unit, per] = maxMin >= 120 ? (['h', 60] as const) : (['min', 1] as const);
  const low = Math.round((minMin / per) * 2) / 2;
  const high = Math.round((maxMin / per) * 2) / 2;
  return low === high ? `${high} ${unit}` : `${low}–${high} ${unit}`;
}

function waterLines(step: Action, say: Lexicon): string[] {
  if (!step.bath)
    return step.waterML
      ? [
          `${say.volume(step.waterML)} water${step.tempC && step.tempC.target > 25 ? ` at ${say.temp(step.tempC.target)}` : ', cold'}.`,
        ]
      : [];
  const { coldL, hotTapL, kettleL, kettles } = step.bath.shares;
  const shares = [
    ...(coldL > 0 ? [`${say.volume(coldL * 1000)} cold`] : []),
    ...(hotTapL > 0 ? [`${say.volume(hotTapL * 1000)} from the hot tap`] : []),
    ...(kettleL > 0
      ? [
          `${say.volume(kettleL * 1000)} from the kettle last (${kettles} ${kettles === 1 ? 'kettle' : 'kettles'})`,
        ]
      : []),
  ];
  return [`Into the ${step.vessel?.name ?? 'tub'}: ${shares.join(', then ')}.`];
}

/** What the bath is: warmth with tub and piece in, pH between its bounds. */
function bathLines({ outlook, pH }: Action, say: Lexicon): string[] {
  const heat = outlook ? `${say.temp(outlook.startC)} with tub and piece in` : null;
  const sour =
    pH?.basis === 'computed'
      ? `pH ${pH.low.toFixed(1)} to ${pH.high.toFixed(1)}${pH.firm ? '' : ', roughly'}`
      : null;
  const lines = [heat, sour].filter((line) => line !== null);
  return lines.length > 0 ? [`It stands at ${lines.join(', ')}.`] : [];
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
          `Below ${say.temp(topUp.belowC)} after about ${durationWords(topUp.afterMin, topUp.afterMin)}: ${say.volume(topUp.hotL * 1000)} from the kettle brings it back to ${say.temp(topUp.toC)}. Lift the piece out of the way first.`,
        ]
      : []),
    ...(dwell.untilCool && coolAtMin
      ? [
          `Cool, no warmer than the hand, after ${durationWords(coolAtMin.low, coolAtMin.high)}${coolsLongBefore({ outlook, dwell }) ? '; leave it for its time all the same, the oxygen goes on working' : ''}.`,
        ]
      : []),
    ...(left
      ? [
          `About ${Math.round(left.likely * 100)} % of its oxygen is left then (${Math.round(left.low * 100)}–${Math.round(left.high * 100)} %).`,
        ]
      : []),
  ];
}

/** An oxygen bath that is cool long before its shortest time: then the time counts, not the warmth. */
function coolsLongBefore({ outlook, dwell }: Pick<Action, 'outlook' | 'dwell'>): boolean {
  const cool = outlook?.oxygen ? outlook.coolAtMin : null;
  return cool !== null && dwell !== null && cool.high < dwell.minMin;
}

function keepLines(step: Action): string[] {
  const { dwell } = step;
  if (!dwell) return [];
  return [
    ...(dwell.keep === 'wet'
      ? ['Keep it wet.']
      : dwell.keep === 'letDry'
        ? ['Let it dry out completely.']
        : []),
    ...(dwell.untilCool && !coolsLongBefore(step) ? ['Done when the time is up or the bath is cold.'] : []),
    ...(dwell.attended ? ['Stay with it.'] : []),
  ];
}

function rinseWords({ rinseWay }: Action, times: number): string {
  return rinseWay === 'damp'
    ? 'two damp passes with a clean cloth and plain water, then a dry cloth.'
    : `${times} changes of plain water, the last one clear.`;
}

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
