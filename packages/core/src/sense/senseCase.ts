import type { Agent, Fibre, Item, Knowledge, Method } from '@feverfew/knowledge';
import { pieceAsTaken } from '../finding/pieceAsTaken.js';
import { TAG_CHECK_ID, TRIANGLE_CHECK_ID, USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import type { Household } from '../household/household.js';
import { indexKnowledge, type KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { Ingredient } from '../treatment/plan/recipe.js';
import type { RoundPass } from '../treatment/plan/round.js';
import type { ShownLine, ShownText } from './shownText.js';

/** One step of a plan as the rules read it. */
export interface SenseStep {
  readonly id: string;
  /** From 1. */
  readonly round: number;
  readonly pass: RoundPass;
  readonly method: Method;
  readonly agents: readonly Agent[];
  readonly chemistries: ReadonlySet<string>;
  /** Measured products, water left out. */
  readonly pours: readonly Ingredient[];
  /** Water it is made with, mL. */
  readonly waterML: number;
  readonly bathL: number | null;
  /** Of the work itself, °C. */
  readonly tempC: number | null;
  readonly isWash: boolean;
  readonly isSoak: boolean;
  /** Water reaches the piece. */
  readonly isWet: boolean;
}

/** A plan with all that the rules look things up in. */
export interface SenseCase {
  readonly plan: Plan;
  readonly shown: ShownText;
  readonly household: Household;
  readonly knowledge: Knowledge;
  readonly index: KnowledgeIndex;
  readonly item: Item | null;
  readonly steps: readonly SenseStep[];
  /** Fibres of the whole piece. */
  readonly fibres: readonly Fibre[];
  /** The fibres of every part of the piece are known. */
  readonly fibresTold: boolean;
}

const WORK = ['mix', 'apply', 'dwell', 'wash'];

/**
 * A plan is read for the piece it was made for: as given, and as usual where it says so.
 * @param made a finished plan
 * @param text every text the plan shows
 */
export function readSenseCase(
  made: Plan,
  text: ShownText,
  household: Household,
  knowledge: Knowledge,
): SenseCase {
  const index = indexKnowledge(knowledge);
  const piece = pieceAsTaken(made.facts.piece, made.findings);
  const plan: Plan = { ...made, facts: { ...made.facts, piece } };
  const shown: ShownText = { ...text, lines: text.lines.filter((line) => !asksForUsual(line, plan)) };
  const { parts, itemId } = piece;
  const fibreIds = parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId));
  const fibres = fibreIds.flatMap((id) => index.fibres.get(id) ?? []);
  return {
    plan,
    shown,
    household,
    knowledge,
    index,
    item: index.items.get(itemId ?? '') ?? null,
    steps: plan.rounds.flatMap(({ passes }, at) => passes.flatMap((pass) => readStep(pass, at + 1, index))),
    fibres,
    fibresTold:
      parts.length > 0 &&
      parts.every((part) => part.fibres.length > 0) &&
      fibres.every(({ group }) => group !== 'unknown'),
  };
}

/** The look at the tag is there because the facts leave it open. */
const asksForUsual = ({ text }: ShownLine, { rounds, findings }: Plan): boolean =>
  findings.some(({ code }) => code === 'usualTaken') &&
  rounds.some(({ passes }) =>
    passes.some(({ checks }) => checks.some((one) => TAG_CHECKS.includes(one.id) && text.includes(one.text))),
  );
const TAG_CHECKS: readonly string[] = [USUAL_CHECK_ID, TAG_CHECK_ID, TRIANGLE_CHECK_ID];

function readStep(pass: RoundPass, round: number, index: KnowledgeIndex): SenseStep[] {
  const method = index.methods.get(pass.methodId);
  if (!method) return [];
  const ingredients = pass.actions.flatMap((action) => action.ingredients);
  const agents = ingredients.flatMap(({ agentId }) => index.agents.get(agentId) ?? []);
  const made = pass.actions.find(({ bath, waterML }) => bath !== null || waterML !== null);
  const bathL = made?.bath?.waterL ?? null;
  const isWater = ({ agentId }: Ingredient) => index.agents.get(agentId)?.inEveryHouse === true;
  const poured = ingredients
    .filter((one) => isWater(one))
    .reduce((sum, { volumeML }) => sum + (volumeML ?? 0), 0);
  const chemistries = new Set<string>(agents.flatMap((agent) => agent.chemistries));
  return [
    {
      id: pass.id,
      round,
      pass,
      method,
      agents,
      chemistries,
      pours: ingredients.filter(
        (one) => !isWater(one) && (one.basis === 'weighed' || one.basis === 'measured'),
      ),
      waterML: (bathL === null ? (made?.waterML ?? 0) : bathL * 1000) + poured,
      bathL,
      tempC: pass.actions.find(({ kind, tempC }) => tempC && WORK.includes(kind))?.tempC?.target ?? null,
      isWash: pass.phase === 'wash',
      isSoak:
        pass.phase === 'bath' ||
        (method.wetting === 'immersion' && !method.inMachine && pass.phase !== 'wash'),
      isWet: method.wetting !== 'dry' && !agents.every((agent) => agent.flammable && agents.length > 0),
    },
  ];
}

/** Share of the soil in the middle of an expected effect, 0–1. */
export const midpointOf = ({ low, high }: { readonly low: number; readonly high: number }): number =>
  (low + high) / 2;

/** The sentences of a text. */
export const sentencesOf = (text: string): string[] => text.split(/(?<=[.;!?])\s+/);
