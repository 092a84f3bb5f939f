import type { Deed, Knowledge, UsualPiece } from '@feverfew/knowledge';
import { TAG_CHECK_ID, TRIANGLE_CHECK_ID, USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import { checkWork } from '../safety/checkPlan.js';
import { wordsOf } from '../safety/knownWords.js';
import { readWork } from '../safety/readWork.js';
import { factsAsTaken } from '../safety/usualRules.js';
import type { Violation } from '../safety/violation.js';
import type { Work, WorkList } from '../safety/work.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '../trouble/troubleFacts.js';
import { strideFor } from './sweepCase.js';
import { sweptHouseholds } from './sweepClasses.js';

/** Plans on what is usual, each followed on a piece that may be otherwise. */
export interface GuessSweep {
  readonly guesses: number;
  /** Plans that took something as usual. */
  readonly taken: number;
  /** … and whose look at the tag, answered truthfully, said that it is otherwise. */
  readonly refused: number;
  /** What would ruin the true piece or harm people, by code. */
  readonly dangers: Readonly<Record<string, number>>;
  readonly examples: readonly number[];
}

const MAX_EXAMPLES = 20;
const COLOURS = ['white', 'mid', 'dark'] as const;

/** A case by number: what a person gives, and what is true. */
export interface Guess {
  readonly given: TroubleFacts;
  readonly truth: TroubleFacts;
  readonly household: ReturnType<typeof sweptHouseholds>[number]['household'];
}

/** Every kind of piece × each of its makes and tags, the rare ones too × trouble × triangle × colour × household. */
export function guessesOf(knowledge: Knowledge): {
  readonly size: number;
  readonly guessAt: (number: number) => Guess;
} {
  const pieces = knowledge.usualPieces.flatMap((usual) =>
    usual.compositions.flatMap((make) =>
      // No tag lets foam be washed.
      tagsFor(usual, make)
        .filter(({ says }) => says === 'never' || !isKeptDry(make, knowledge))
        .map(({ says }) => ({ usual, make, says })),
    ),
  );
  const homes = sweptHouseholds(knowledge);
  const radices = [pieces.length, knowledge.marks.length, 2, COLOURS.length, homes.length];
  const size = radices.reduce((product, radix) => product * radix, 1);
  const stride = strideFor(size);
  return {
    size,
    guessAt: (number) => {
      let rest = Number((BigInt(number) * BigInt(stride)) % BigInt(size));
      const [piece = 0, mark = 0, triangle = 0, colour = 0, home = 0] = radices.map((radix) => {
        const digit = rest % radix;
        rest = Math.floor(rest / radix);
        return digit;
      });
      return guess(pieces[piece], knowledge, {
        markId: knowledge.marks[mark]?.id ?? '',
        bleach: triangle === 1 ? 'never' : 'oxygenOnly',
        colour: COLOURS[colour] ?? 'mid',
        home: homes[home],
      });
    },
  };
}

type Make = UsualPiece['compositions'][number];
type Says = UsualPiece['tags'][number]['says'];

/** A fibre in it must not be soaked: foam, latex. */
const isKeptDry = ({ parts }: Make, { fibres }: Knowledge): boolean =>
  parts.flat().some(({ fibreId }) => {
    const wetting = fibres.find(({ id }) => id === fibreId)?.mostWetting ?? null;
    return wetting !== null && wetting !== 'immersion';
  });

/** What tags say of such a piece when it is made so. */
function tagsFor({ tags, tagsOfFibres }: UsualPiece, { parts }: Make): UsualPiece['tags'] {
  const ids = parts.flat().map(({ fibreId }) => fibreId);
  return tagsOfFibres.find(({ fibreIds }) => fibreIds.some((id) => ids.includes(id)))?.tags ?? tags;
}

function guess(
  piece: { readonly usual: UsualPiece; readonly make: Make; readonly says: Says } | undefined,
  knowledge: Knowledge,
  of: {
    readonly markId: string;
    readonly bleach: CareLabel['bleach'];
    readonly colour: (typeof COLOURS)[number];
    readonly home: ReturnType<typeof sweptHouseholds>[number] | undefined;
  },
): Guess {
  if (!piece || !of.home) throw new Error('A number has no case');
  const item = knowledge.items.find(({ id }) => id === piece.usual.itemId);
  const parts = (item?.partNames ?? []).map((name) => ({ name, fibres: [] }));
  const given: TroubleFacts = {
    ...EMPTY_FACTS,
    markIds: [of.markId],
    piece: { ...EMPTY_PIECE, itemId: item?.id ?? null, name: item?.name ?? '', parts },
    reach: of.home.reach,
  };
  const truth: TroubleFacts = {
    ...given,
    piece: {
      ...given.piece,
      colour: of.colour,
      parts: parts.map(({ name }, at) => ({ name, fibres: piece.make.parts[at] ?? [] })),
      label: labelOf(piece.says, of.bleach),
    },
  };
  return { given, truth, household: of.home.household };
}

function labelOf(says: Says, bleach: CareLabel['bleach']): CareLabel | null {
  if (says === 'none') return null;
  const wash: CareLabel['wash'] =
    says === 'hand' || says === 'never' ? { kind: says } : { kind: 'machine', maxC: says, bars: 0 };
  return { ...BLANK_LABEL, wash, bleach };
}

/**
 * The plan a person follows who gives only the kind of piece and the trouble, and answers each look at the tag as it
 * is.
 */
export function followed({ given, truth, household }: Guess, knowledge: Knowledge) {
  const first = planTreatment(given, household, knowledge);
  const taken = first.findings.find((one) => one.code === 'usualTaken')?.facts;
  const isSo = taken !== undefined && saysYes(first, taken, truth);
  const asked = taken ? planTreatment(withSeen(given, USUAL_CHECK_ID, isSo), household, knowledge) : first;
  const asksTag = asked.rounds.some(({ passes }) =>
    passes.some(({ checks }) => checks.some(({ id }) => id === TAG_CHECK_ID)),
  );
  const isBarred = truth.piece.label?.wash?.kind === 'never';
  const plan =
    asksTag && isBarred
      ? planTreatment(withSeen(asked.facts, TAG_CHECK_ID, false), household, knowledge)
      : asked;
  return { plan, isTaken: taken !== undefined, isRefused: taken !== undefined && !isSo };
}

const withSeen = (facts: TroubleFacts, id: string, value: boolean): TroubleFacts => ({
  ...facts,
  seen: { ...facts.seen, [id]: value },
});

type Taken = Extract<Plan['findings'][number], { code: 'usualTaken' }>['facts'];

/** The look answered as it is: fibres, colour, the number in the tub, and the triangle where it is asked about. */
function saysYes(plan: Plan, { washC, colour, unlessFibreIds }: Taken, { piece }: TroubleFacts): boolean {
  const text = plan.rounds
    .flatMap(({ passes }) => passes.flatMap(({ checks }) => checks))
    .find(({ id }) => id === USUAL_CHECK_ID)?.text;
  const wash = piece.label?.wash;
  const isWarmEnough = washC === null || (wash?.kind === 'machine' && wash.maxC >= washC);
  const isBleachable = !text?.includes('oxygen bleach') || piece.label?.bleach !== 'never';
  const fibreIds = piece.parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId));
  const isOfUsual = !fibreIds.some((id) => unlessFibreIds.includes(id));
  return isWarmEnough && isBleachable && isOfUsual && (colour === null || piece.colour === colour);
}

/** Bounds that are only wider than the true ones, and a press where a blot is asked for, ruin nothing by themselves. */
const isHarmless = ({ code, where }: Violation, { work }: WorkList): boolean =>
  code === 'boundsExceeded' ||
  (code === 'actionTooStrong' && work.some((one) => one.where === where && one.hand === 'press'));

/** Without advice that names its own condition: its reader looks at the tag first. */
const withoutConditional = (list: WorkList): WorkList => ({
  ...list,
  advice: list.advice.filter(({ text }) => !text.includes('only where its tag allows')),
});

/**
 * Without what is said of a dry brush or a dry cloth, where the piece may at least be pressed. Viscose, acrylic and wool
 * are weak or felt when wet, and are brushed while dry. Common practice, no source.
 */
function withoutDryHand(list: WorkList, { piece }: TroubleFacts, knowledge: Knowledge): WorkList {
  const ids = piece.parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId));
  const isPressed = knowledge.fibres.every(
    ({ id, mostAction }) => !ids.includes(id) || (mostAction !== 'none' && mostAction !== 'blot'),
  );
  if (!isPressed) return list;
  const { noteOf } = wordsOf(knowledge);
  const asks = (text: string, deed: Deed) => noteOf(text)?.asks.includes(deed) ?? false;
  const isBrushed = ({ hand }: Work) => hand === 'softBrush' || hand === 'firmBrush';
  return {
    ...list,
    work: list.work.map((one) =>
      isBrushed(one) ? one : { ...one, says: one.says.filter((text) => !asks(text, 'brush')) },
    ),
    advice: list.advice.filter(({ text }) => !asks(text, 'brush') && !asks(text, 'rub')),
  };
}

/**
 * What the plan a person ends up with would do to a piece for good, or to people.
 * @param plan the plan that was followed
 * @param on what the piece is; left out = as it was answered
 */
export function harmsOf(
  guessed: Guess,
  plan: Plan,
  knowledge: Knowledge,
  on: TroubleFacts = guessed.truth,
): readonly Violation[] {
  const { label } = on.piece;
  const list = withoutConditional(withoutDryHand(readWork(plan), on, knowledge));
  const key = ({ code, where }: Violation) => `${code} ${where}`;
  const seenAnyway = new Set(checkWork(list, factsAsTaken(plan), guessed.household, knowledge).map(key));
  const passes = plan.rounds.flatMap((round) => round.passes);
  const asksTriangle = (pass: (typeof passes)[number] | undefined) =>
    label?.bleach === 'never' && (pass?.checks.some(({ id }) => id === TRIANGLE_CHECK_ID) ?? false);
  /** Its step is left out, for the triangle is crossed; or bleach was asked about before, or tried on a hidden spot. */
  const isGuarded = ({ code, where }: Violation) => {
    const at = passes.findIndex(({ id, methodId }) => where.startsWith(id) || where === methodId);
    const pass = passes[at];
    if (asksTriangle(pass)) return true;
    const isTested = pass?.actions.some(({ kind }) => kind === 'hiddenTest') ?? false;
    const wasAsked = passes.slice(0, Math.max(0, at)).some(asksTriangle);
    return (
      (code === 'agentAgainstLabel' && (isTested || wasAsked)) || (code === 'noteAgainstLimit' && wasAsked)
    );
  };
  const truth = { ...plan.facts, piece: on.piece };
  return checkWork(list, truth, guessed.household, knowledge).filter(
    (one) => !isHarmless(one, list) && !seenAnyway.has(key(one)) && !isGuarded(one),
  );
}

/** @param from first number of a case; @param to the number after the last */
export function sweepGuesses(from: number, to: number, knowledge: Knowledge): GuessSweep {
  const { guessAt } = guessesOf(knowledge);
  const dangers: Record<string, number> = {};
  const examples: number[] = [];
  let [taken, refused] = [0, 0];
  for (let number = from; number < to; number += 1) {
    const guessed = guessAt(number);
    const { plan, isTaken, isRefused } = followed(guessed, knowledge);
    taken += isTaken ? 1 : 0;
    refused += isRefused ? 1 : 0;
    const found = harmsOf(guessed, plan, knowledge);
    for (const { code } of found) dangers[code] = (dangers[code] ?? 0) + 1;
    if (found.length > 0 && examples.length < MAX_EXAMPLES) examples.push(number);
  }
  return { guesses: to - from, taken, refused, dangers, examples };
}
