import type { Action } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { PouredProduct, Work, WorkKind, WorkList } from './work.js';

/**
 * The one place that knows the shape of a plan: turns what a run climbs into a flat list of work, in the order it is
 * done, and what is said next to it. In rounds a machine rinses by itself.
 */
export function readWork(plan: Plan): WorkList {
  return {
    work: plan.passes.flatMap(({ actions, methodId, passId, maxRounds }, turn) => {
      const round = plan.rounds.findIndex(({ passes }) => passes.some(({ id }) => id === passId));
      const at = { turn, round: round < 0 ? turn : round, name: methodId, repeats: maxRounds };
      if (passId === null) return workOf(actions, at);
      // The first seconds are read as advice: their lines hold before there is any round.
      const own = workOf(
        actions.map((step) => (step.kind === 'firstAid' ? { ...step, notes: [] } : step)),
        at,
      );
      return own.flatMap(rinsedInTheDrum);
    }),
    atOnce: firstActsOf(plan),
    atTub: atTubOf(plan),
    advice: [
      ...adviceOf(plan),
      ...plan.findings.flatMap((remark) =>
        (remark.code === 'markAdvice' || remark.code === 'itemNote') && remark.facts.text !== undefined
          ? [{ where: remark.code, text: remark.facts.text }]
          : [],
      ),
    ],
  };
}

/** The rounds with what only a passed water test opens; drying and the dry look belong to the last pass before them. */
export function readOpened(plan: Plan): WorkList {
  let turn = -1;
  const work = plan.rounds.flatMap(({ passes, drying, look }, round) => {
    const list = passes.flatMap((pass): Work[] => {
      turn += 1;
      const at: At = { turn, round, name: pass.methodId, repeats: pass.maxRounds };
      return workOf(pass.actions, at).flatMap(rinsedInTheDrum);
    });
    const at: At = { turn: Math.max(0, turn), round, name: passes.at(-1)?.methodId ?? '', repeats: 1 };
    const end = [...(drying ? [drying.action] : []), ...(look ? [look.action] : [])];
    return [...list, ...workOf(end, at)];
  });
  return { work, atOnce: firstActsOf(plan), atTub: atTubOf(plan), advice: adviceOf(plan) };
}

const firstActsOf = ({ atOnce }: Plan): string[] => atOnce.actions.map(({ text }) => text);

/** What the step at the tub says of the first acts. */
const atTubOf = ({ passes }: Plan): string[] =>
  passes.flatMap(({ actions }) => actions.flatMap(({ kind, notes }) => (kind === 'firstAid' ? notes : [])));

/** Lines of the courses. */
function adviceOf({ verdict, atOnce, keep }: Plan): WorkList['advice'] {
  const lines = [
    ...atOnce.actions.map(({ text }) => text),
    ...atOnce.donts,
    ...keep.says,
    ...keep.prevent,
    ...verdict.flatMap(({ causeActions, tells }) => [...causeActions, ...tells.map(({ see }) => see)]),
  ];
  return lines.map((text) => ({ where: 'course', text }));
}

const rinsedInTheDrum = (work: Work): Work[] =>
  work.programme !== null && work.programme !== 'none' ? [work, { ...work, ...RINSED_IN_THE_DRUM }] : [work];

const RINSED_IN_THE_DRUM = {
  kind: 'rinse',
  changes: 2,
  rinse: 'change',
  pours: [],
  minutes: null,
  pH: null,
  bathC: null,
  tempC: null,
  programme: null,
  says: [],
  cautionIds: [],
} as const satisfies Partial<Work>;

interface At {
  readonly turn: number;
  readonly round: number;
  readonly name: string;
  readonly repeats: number;
}

const KINDS: Readonly<Record<Exclude<Action['kind'], 'mix' | 'apply' | 'dwell'>, WorkKind>> = {
  rinseBefore: 'rinse',
  lift: 'lift',
  firstAid: 'firstAid',
  hiddenTest: 'test',
  look: 'look',
  rinse: 'rinse',
  airOut: 'air',
  wash: 'wash',
  dry: 'dry',
  finalLook: 'lookDry',
};

/** Mixing, applying and waiting in a row are one treatment. */
function workOf(actions: readonly Action[], at: At): Work[] {
  const list: Work[] = [];
  let treating: Action[] = [];
  const closeTreatment = () => {
    if (treating.length > 0) list.push(stretch('treat', treating, at));
    treating = [];
  };
  for (const action of actions) {
    if (action.kind === 'mix' || action.kind === 'apply' || action.kind === 'dwell') treating.push(action);
    else {
      closeTreatment();
      list.push(stretch(KINDS[action.kind], [action], at));
    }
  }
  closeTreatment();
  return list;
}

function stretch(kind: WorkKind, actions: readonly Action[], { turn, round, name, repeats }: At): Work {
  const [first] = actions;
  const mix = actions.find((action) => action.kind === 'mix') ?? first;
  const dwell = actions.find((action) => action.dwell)?.dwell ?? null;
  const temps = actions.flatMap((action) => action.tempC ?? []);
  const pours = actions.flatMap((action) => action.ingredients);
  const water = actions.reduce(
    (sum, action) => sum + (action.bath ? action.bath.waterL * 1000 : (action.waterML ?? 0)),
    0,
  );
  const outlook = mix?.outlook ?? null;
  const pH = actions.find((action) => action.pH)?.pH ?? null;
  return {
    where: mix?.id ?? name,
    kind,
    turn,
    turnName: name,
    round,
    repeats,
    pours: pours.map(
      (one): PouredProduct => ({
        agentId: one.agentId,
        massG: one.massG,
        volumeML: one.volumeML,
        most: one.range && { amount: one.range.high, unit: one.range.unit },
        strengthPct: one.strengthPct,
        byLabel: one.basis === 'label',
      }),
    ),
    putOnML: actions.find((action) => action.putOn)?.putOn?.volumeML ?? null,
    waterML: water + pours.reduce((sum, one) => sum + (one.dilution?.waterML ?? 0), 0),
    soaks: actions.some((action) => action.bath !== null),
    vesselId: actions.find((action) => action.vessel)?.vessel?.id ?? null,
    tempC:
      temps.length > 0
        ? {
            target: mix?.programme === null ? (mix.tempC?.target ?? 0) : 0,
            most: Math.max(...temps.map((temp) => temp.max)),
          }
        : null,
    pH: pH && { low: pH.low, high: pH.high, computed: pH.basis === 'computed' },
    bathC: outlook && { start: outlook.startC, endMost: outlook.endC.high, room: outlook.roomC },
    minutes: dwell && { least: dwell.minMin, most: dwell.maxMin },
    driesOnPiece: dwell?.keep === 'letDry',
    attended: dwell?.attended ?? true,
    hand: actions.find((action) => action.action)?.action ?? null,
    programme: actions.find((action) => action.programme)?.programme ?? null,
    changes: first?.rinses ?? 0,
    rinse: first?.rinseWay ?? null,
    drying: actions.flatMap((action) => action.dryingWays),
    says: actions.flatMap((action) => action.notes),
    // Warnings to read before mixing belong to the mixing; a line at the wait comes too late.
    cautionIds: mix?.cautionIds ?? [],
  };
}
