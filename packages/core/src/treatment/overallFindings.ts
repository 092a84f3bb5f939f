import { ASSUMED_SIZE, PROGRAMMES, SIZE_CM, UNKNOWN_FIBRE_ID } from '@feverfew/knowledge';
import { type Finding, type FindingFacts, finding } from '../finding/finding.js';
import { toPct } from '../quantity/rounding.js';
import type { PieceFacts } from '../textile/piece.js';
import type { UsualTaken } from '../trouble/assumeUsual.js';
import { diagnosisOf, isAnswered } from '../trouble/diagnose.js';
import { explosivesHere } from './case/explosivesHere.js';
import { bearsDryHeat, bearsHotWash } from './case/heatHere.js';
import type { PlanContext } from './case/planContext.js';
import { sayable } from './case/sayable.js';
import { spoilersHere } from './case/spoilersHere.js';
import { isVapour } from './case/vapourHere.js';
import { courseFor } from './course/courseFor.js';
import { dangerFindings, dangerRemarks, forNobodyBecause } from './dangerRemarks.js';
import type { CupboardView } from './plan/plan.js';
import { dangerFirst } from './rounds/dangerFirst.js';
import type { LaidOut } from './rounds/layOut.js';
import { timeFindings } from './timeFindings.js';

/** Remarks on the plan as a whole. */
export function overallFindings(
  context: PlanContext,
  { passes, rounds }: Pick<LaidOut, 'passes' | 'rounds'>,
  cupboard: CupboardView,
  waiting: boolean,
): Finding[] {
  const passCount = passes.length;
  const none = passCount === 0 && !isDamageOnly(context) && !waiting;
  const rinsedFirst = context.residues.length > 0;
  return [
    ...damageFindings(context),
    ...(none ? [finding('noHomeMethod', {})] : []),
    ...(passCount === 0 && waiting ? [finding('waterTestFirst', {})] : []),
    ...(passCount === 0 && !dangerFirst(context).only ? dangerFindings(context) : []),
    ...professionalFindings(context, none),
    ...unknownFindings(context),
    ...timeFindings(context, rounds[0]),
    ...historyFindings(context),
    ...adviceFindings(context, rinsedFirst),
    ...sizeFindings(context),
    ...(cupboard.ifBought
      ? [
          finding(
            'worthBuying',
            {
              agentIds: cupboard.ifBought.agentIds,
              methodId: cupboard.ifBought.methodId,
              nowHighPct: Math.round((cupboard.now?.effect.high ?? 0) * 100),
              thenHighPct: toPct(cupboard.ifBought.effect.high),
            },
            ['memory'],
          ),
        ]
      : []),
    ...heatFindings(context),
    ...cupboardPairs(context, passes),
  ];
}

/** What heat would set of it, in a dryer, under an iron or in water. */
function heatFindings(context: PlanContext): Finding[] {
  if (isDamageOnly(context) || bearsDryHeat(context)) return [];
  return [finding('noHeatBeforeGone', { hotWash: !bearsHotWash(context) })];
}

const isDamageOnly = ({ marks }: PlanContext): boolean => marks.every(({ mark }) => mark.damage);

/** Damage that is no soil: said first, so that no one scrubs at it. */
const damageFindings = ({ marks }: PlanContext): Finding[] =>
  marks.flatMap(({ mark }) =>
    mark.damage ? [finding('noCleaningHelps', { markId: mark.id }, mark.sourceIds)] : [],
  );

/** What ran, melted or shed in the drum is on all that was in it. */
const isWholeLoad = ({ marks, item, facts }: PlanContext): boolean =>
  !item.surfaceOnly &&
  marks.some(
    ({ mark }) => mark.wholeLoad === 'always' || (mark.wholeLoad === 'allOver' && facts.size === 'allOver'),
  );

function unknownFindings(context: PlanContext): Finding[] {
  const { facts, usual, item, knowledge, keepsOff } = context;
  const { piece } = facts;
  const fibresUnknown =
    piece.parts.length === 0 ||
    piece.parts.some(({ fibres }) => fibres.every(({ fibreId }) => fibreId === UNKNOWN_FIBRE_ID));
  const open = facts.markIds.filter((markId) => {
    const diagnosis = diagnosisOf(markId, knowledge);
    return diagnosis && !isAnswered(diagnosis, facts.answers);
  });
  return [
    ...(isWholeLoad(context) ? [finding('wholeLoad', {}, ['commonPractice'])] : []),
    ...(keepsOff ? [finding('keepOffAside', {}, ['commonPractice'])] : []),
    ...(usual ? [usualFinding(usual)] : []),
    ...(fibresUnknown ? [finding('fibresUnknown', {})] : []),
    ...(!piece.label && !item.surfaceOnly ? [finding('noLabelKnown', {})] : []),
    ...(item.coded && isUncoded(piece) ? waterTestFindings(piece) : []),
    ...open.map((markId) => finding('causeUnknown', { markId }, ['memory'])),
  ];
}

const usualFinding = ({ parts, fibres, washC, colour, unlessFibreIds }: UsualTaken): Finding =>
  finding('usualTaken', { parts, fibres, washC, colour, unlessFibreIds }, ['commonPractice', 'memory']);

const isUncoded = ({ code }: PieceFacts): boolean => code === null || code === 'unknown';

function waterTestFindings({ waterTest }: PieceFacts): Finding[] {
  if (waterTest === 'passed') return [];
  return [finding(waterTest === 'failed' ? 'waterTestFailed' : 'codeUnknown', {})];
}

/** What age, heat and earlier products have done. */
function historyFindings(context: PlanContext): Finding[] {
  const { facts, marks, index, residues } = context;
  const tried = facts.tried.map((product) => product.agentId);
  // A solvent is aired out, and what may explode is flooded: neither is a matter of two waters.
  const left =
    explosivesHere(context).length + spoilersHere(context).length > 0
      ? []
      : residues
          .filter((agent) => !isVapour(agent))
          .map((agent) => agent.id)
          .sort();
  const bleached = tried.some((id) => index.agents.get(id)?.chemistries.includes('chlorine'));
  const protein = marks.some((work) => work.components.some(({ component }) => component.proteinaceous));
  const hotEnzyme = protein && facts.tried.some((product) => product.hot);
  const yellows = marks.some((work) =>
    work.components.some(({ component }) =>
      component.chemistry.some((rule) => rule.chemistry === 'chlorine'),
    ),
  );
  return [
    ...dangerRemarks(context),
    ...(left.length > 0 ? [finding('rinseTriedFirst', { agentIds: left })] : []),
    ...(hotEnzyme ? [finding('triedHot', {}, ['memory', 'commonPractice'])] : []),
    ...(yellows && bleached ? [finding('chlorineTried', {})] : []),
    ...(['weeks', 'months'].includes(facts.age)
      ? [finding('ageLowersOdds', { age: facts.age }, ['memory'])]
      : []),
    ...(['hotWash', 'tumbled', 'ironed'].includes(facts.heat)
      ? [finding('heatLowersOdds', { heat: facts.heat }, ['memory'])]
      : []),
  ];
}

function adviceFindings(context: PlanContext, rinsedFirst: boolean): Finding[] {
  // Where lines protect people, no other advice is given.
  if (dangerFirst(context).only) return [];
  const { facts, item, marks, household, envelope } = context;
  // A line on the mark or the piece never asks for what the first seconds forbid.
  const donts = marks.flatMap((work) => courseFor(work, item.id, context.knowledge)?.atOnce.donts ?? []);
  const bars = new Set([...context.barred, ...donts.flatMap((line) => line.bars)]);
  const atFirst = { unwetted: !rinsedFirst, bars };
  const dryClean = facts.piece.label?.dryClean;
  const sickness = marks.some((work) => work.isBodyFluid);
  return [
    ...marks.flatMap(({ mark }) =>
      sayable(mark.advice, context, atFirst).map((text) =>
        finding('markAdvice', { markId: mark.id, text }, mark.sourceIds),
      ),
    ),
    ...(marks.length > 1 ? [finding('onePlanForAll', { marks: marks.length })] : []),
    ...sayable(item.notes, context, atFirst).map((text) =>
      finding('itemNote', { itemId: item.id, text }, item.sourceIds),
    ),
    ...(dryClean === 'P' || dryClean === 'F'
      ? [finding('dryCleanNoPermission', { sign: dryClean }, ['careLabel', 'iso3758'])]
      : []),
    ...(sickness && household.hasMachine && mayGoInMachine(context)
      ? [
          finding('hygieneAfter', {
            maxC: Math.min(
              60,
              envelope.tempC.limits.find((limit) => limit.owner.kind !== 'soil')?.maxC ?? 60,
            ),
            mayBleach: envelope.chemistry.some(
              (window) => window.chemistry === 'percarbonate' && window.verdict !== 'never',
            ),
          }),
        ]
      : []),
  ];
}

/** It can be rinsed through, and nothing on it forbids a machine. */
const mayGoInMachine = ({ rinsable, envelope }: PlanContext): boolean =>
  rinsable && PROGRAMMES.indexOf(envelope.programme.most) > PROGRAMMES.indexOf('hand');

/** What was taken for the size: said wherever an amount hangs on it. */
function sizeFindings({ facts, rinsable }: PlanContext): Finding[] {
  if (facts.size === 'unknown') {
    const { length, width } = SIZE_CM[ASSUMED_SIZE];
    return [finding('sizeAssumed', { lengthCm: length, widthCm: width })];
  }
  return facts.size === 'allOver' && !rinsable ? [finding('fieldByField', { cm: SIZE_CM.plate.length })] : [];
}

function professionalFindings(context: PlanContext, none: boolean): Finding[] {
  const because = professionalBecause(context, none);
  return because ? [finding('professionalHand', { because })] : [];
}

function professionalBecause(
  context: PlanContext,
  none: boolean,
): FindingFacts['professionalHand']['because'] | null {
  const {
    facts: { piece },
    item: { coded },
    index,
  } = context;
  const forNobody = forNobodyBecause(context);
  if (forNobody) return forNobody;
  if (coded && piece.code === 'X') return 'codeX';
  if (coded && piece.code === 'S') return 'codeS';
  if (piece.condition === 'antique' || piece.condition === 'irreplaceable') return 'antique';
  if (
    piece.parts.some((part) => part.fibres.some((share) => index.fibres.get(share.fibreId)?.professionalOnly))
  )
    return 'leather';
  const sign = piece.label?.dryClean;
  if (piece.label?.wash?.kind === 'never' && (sign === 'P' || sign === 'F')) return 'dryCleanOnly';
  return none ? 'noMethod' : null;
}

/**
 * Chlorine bleach in the house that must not meet what this plan puts on the piece, or what was tried before. Enzymes
 * are in nearly every wash: they are named only where a hand could reach for that bleach, on white cloth. Where the
 * plan uses the bleach itself, everything in the cupboard that it must not meet.
 */
function cupboardPairs(
  { cupboard, facts, knowledge, index }: PlanContext,
  passes: LaidOut['passes'],
): Finding[] {
  const used = new Set([
    ...passes.flatMap(({ actions }) =>
      actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId)),
    ),
    ...facts.tried.map(({ agentId }) => agentId),
  ]);
  const chlorine = knowledge.agents.filter(
    ({ id, chemistries }) => cupboard.has(id) && chemistries.includes('chlorine'),
  );
  const { colour, label } = facts.piece;
  const mayBleach = colour === 'white' && (label === null || label.bleach === 'any');
  const isUsed = chlorine.some(({ id }) => used.has(id));
  const partners = isUsed ? [...cupboard.keys()] : [...used];
  return chlorine.flatMap(({ id }) =>
    partners.sort().flatMap((agentBId) => {
      const pair = index.besideChlorine.get(agentBId);
      return pair && (isUsed || mayBleach || pair.b !== 'protease')
        ? [finding('cupboardHoldsPair', { pairId: pair.id, agentAId: id, agentBId }, pair.sourceIds)]
        : [];
    }),
  );
}
