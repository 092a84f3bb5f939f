import type { Plan } from '../treatment/plan/plan.js';
import { midpointOf, type SenseCase, type SenseStep } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** So much more of the soil is clearly stronger, 0–1: our own choice. */
const CLEARLY = 0.15;

/** A paste that dries on it for so long is a night's work, min. */
const NIGHT_MIN = 240;

const isForTheNight = ({ pass }: SenseStep): boolean =>
  pass.actions.some(({ dwell }) => dwell?.keep === 'letDry' && dwell.minMin >= NIGHT_MIN);

/** Where the first round takes so much of it, a solvent is for what that leaves: it burns. 0–1, our own choice. */
const ENOUGH_WITHOUT_SOLVENT = 0.2;

/** A way with products of the house that has not been set aside and waits for no look. */
const isFree = ({ pass }: SenseStep, { facts }: Plan): boolean =>
  !pass.opensAfterTest &&
  pass.checks.length === 0 &&
  pass.missingAgentIds.length === 0 &&
  (facts.choices?.leftOut ?? []).length === 0 &&
  Object.keys(facts.choices?.instead ?? {}).length === 0;

const productsOf = ({ pass, agents }: SenseStep): string =>
  [pass.phase, ...agents.flatMap(({ chemistries }) => chemistries).sort()].join();

/**
 * Steps of a later round that take clearly more than anything in round one, on what is there at the start. What waits
 * for a look, a hidden test, a choice of the person or a deadline has its reason. The wash comes anyhow. A way of round
 * one that comes again, longer, is not late, nor is another bath of the same products. What dries on it for a night, or
 * burns, is for what is left.
 */
export function findStrongestLate({ plan, steps }: SenseCase): SenseFault[] {
  const first = steps.filter(({ round }) => round === 1);
  const ofFirst = first.map(({ pass }) => midpointOf(pass.takes.all));
  const begunWith = new Set(first.flatMap((step) => [step.method.id, productsOf(step)]));
  const wanted = plan.facts.choices?.readyInMin ?? null;
  // What cannot be replaced begins with the gentlest.
  const isFrail = ['antique', 'irreplaceable'].includes(plan.facts.piece.condition);
  if (ofFirst.length === 0 || wanted !== null || isFrail) return [];
  const best = Math.max(...ofFirst);
  const inAll = Math.max(...first.map(({ pass }) => midpointOf(pass.gone.all)));
  return steps
    .filter(({ round, method, pass }) => round > 1 && pass.phase !== 'wash' && !begunWith.has(method.id))
    .filter((step) => !begunWith.has(productsOf(step)))
    .filter((step) => isFree(step, plan) && !isForTheNight(step))
    .filter(({ agents }) => inAll < ENOUGH_WITHOUT_SOLVENT || !agents.some(({ flammable }) => flammable))
    .filter(({ pass }) => midpointOf(pass.takes.all) - best >= CLEARLY)
    .map(({ id, method }) => ({ kind: 'strongestLate', where: id, text: method.id }));
}

/** What takes the place of a way whose product is missing, though a clearly stronger one with what is there was left. */
export function findWeakerInstead({ plan, steps }: SenseCase): SenseFault[] {
  const used = new Set(steps.map(({ method }) => method.id));
  const spare = plan.candidates
    .filter(({ methodId, verdict }) => verdict === 'spare' && !used.has(methodId))
    .flatMap(({ findings }) =>
      findings.flatMap((one) =>
        one.code === 'otherWay' && one.facts.than !== 'stronger'
          ? [(one.facts.lowPct + one.facts.highPct) / 200]
          : [],
      ),
    );
  const goneAfter = (round: number): number =>
    Math.max(0, ...steps.filter((step) => step.round === round).map(({ pass }) => midpointOf(pass.gone.all)));
  return steps
    .filter(({ pass }) => pass.insteadOf?.findings.some(({ code }) => code === 'notInCupboard'))
    .filter(({ round }) =>
      // What the round takes in all counts: another step of it may do what this one does not.
      spare.some((share) => share - goneAfter(round) >= CLEARLY),
    )
    .map(({ id, method }) => ({ kind: 'weakerInstead', where: id, text: method.id }));
}

const RINSES: readonly string[] = ['noFoam', 'full', 'damp', 'dryToTouch'];

/** Two products that may not meet, with less between them than their own rule asks for. */
export function findPairsTooClose({ steps, index, item }: SenseCase): SenseFault[] {
  return steps.flatMap((one, at) => {
    const later = steps.slice(at + 1).filter(({ round }) => round === one.round);
    return later.flatMap((other, gap): SenseFault[] => {
      const between = [one, ...later.slice(0, gap)];
      const pair = one.agents
        .flatMap((a) => other.agents.flatMap((b) => index.pairsBetween(a, b)))
        .find(({ apart, blocksSurface }) => {
          if (apart === 'plan') return true;
          if (between.some(({ method }) => method.inMachine)) return false;
          const ways = between.map(({ pass }) => pass.between.way);
          const rinsed =
            ways.some((way) => RINSES.includes(way)) ||
            later.slice(0, gap).some(({ method }) => method.throughRinse) ||
            between.some(({ pass }) => pass.actions.some(({ kind }) => kind === 'rinse'));
          const aired =
            ways.some((way) => way === 'airOut' || way === 'dryToTouch') ||
            between.some(({ pass }) => pass.actions.some(({ kind }) => kind === 'airOut'));
          // Only a solvent leaves a vapour behind; an iron before it leaves none.
          if (apart === 'air') return one.agents.some(({ flammable }) => flammable) && !aired && !rinsed;
          if (item?.surfaceOnly && blocksSurface) return false;
          return !rinsed;
        });
      return pair ? [{ kind: 'pairTooClose', where: other.id, text: `${pair.id} after ${one.id}` }] : [];
    });
  });
}

/** "Must not dry": kept wet until it is gone. */
const STAYS_WET =
  /must not dry(?! (in|on|unrinsed))|not (be )?(let|left) (it )?(to )?dry|never (let it )?dr(y|ied)\b(?! (in|it|on|unrinsed))|keep (it|them|everything)[^.]* wet (until|till)|do not let it dry|no drying before|not dried before|^never: drying before/i;
const LOOKS = /look|check|still (there|shows)|gone|clear/i;

/** Dried, and looked at only then, although a line says that it must not dry before it is gone. */
export function findDriedTooSoon({ plan, shown }: SenseCase): SenseFault[] {
  const said = shown.lines.find(
    ({ part, text }) => ['atOnce', 'leaveAlone', 'know', 'never'].includes(part) && STAYS_WET.test(text),
  );
  const [first] = plan.rounds;
  if (!said || !first?.drying) return [];
  const looked = first.passes.some(
    ({ whenGone, stop, actions }) =>
      whenGone !== null || LOOKS.test([stop ?? '', ...actions.flatMap(({ notes }) => notes)].join(' ')),
  );
  return looked ? [] : [{ kind: 'driedTooSoon', where: first.id, text: said.text }];
}

/** A quarter of an hour is within what anybody can foretell, min. */
const FREE_MIN = 15;
const SAYS_SO = new Set(['notInTime']);

/** Ready after the time it is wanted, without a word of it. */
export function findReadyTooLate({ plan }: SenseCase): SenseFault[] {
  const wanted = plan.facts.choices?.readyInMin ?? null;
  const [first] = plan.rounds;
  if (wanted === null || !first) return [];
  const needs = first.totalMin.likely + (first.drying?.minutes.likely ?? 0);
  const isSaid = plan.findings.some(({ code }) => SAYS_SO.has(code));
  return needs <= wanted + FREE_MIN || isSaid
    ? []
    : [{ kind: 'readyTooLate', where: first.id, text: `${Math.round(needs)} min, wanted in ${wanted}` }];
}

const EACH =
  /\b(pieces|each of (them|the)|a part of the set|all of them|the set|several at a time|in lots)\b/i;

/** A bath sized for one piece for several. */
export function findBathsForOne({ plan, steps, shown, item }: SenseCase): SenseFault[] {
  const pieces = plan.facts.pieces ?? 1;
  if (pieces <= 1 || !item) return [];
  const needL = ((plan.facts.piece.dryMassG ?? item.dryMassG) * pieces * MIN_L_PER_KG) / 1000;
  return steps
    .filter(({ bathL, pass }) => {
      if (bathL === null) return false;
      const batches = Math.max(1, ...pass.actions.map((action) => action.batches));
      return bathL * batches < needL;
    })
    .filter(({ id }) => !shown.lines.some(({ where, text }) => where === id && EACH.test(text)))
    .map(({ id, bathL }) => ({ kind: 'bathForOne', where: id, text: `${bathL} L for ${pieces} pieces` }));
}
/** Tighter than any bath is made, L/kg: below it a bath is not for all of them. */
const MIN_L_PER_KG = 4;
