import { HouseholdFile, MAX_EVENTS_READ, MAX_MIXES } from '@feverfew/contracts';
import {
  PLAIN_USE,
  type Plan,
  type RunSummary,
  refusalWords,
  replayRun,
  replayTrial,
  summariseRun,
  trialRefusalWords,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import type { ZodType } from 'zod';
import { requireKnownFacts, requireKnownId, requireKnownPiece } from '../catalogue/requireKnown.js';
import { cleanJpeg } from '../photos/cleanJpeg.js';
import { asInvalid } from '../problems/contractPipe.js';
import { InvalidInput } from '../problems/invalidInput.js';
import { ServerError } from '../problems/serverError.js';
import type { YieldControl } from '../turns/cooperative.js';
import { OUTWARDS } from './wholeRows.js';

type Family = (typeof OUTWARDS)[number];

/**
 * A file in its shape, row by row. @throws InvalidInput with the place of every fault of the first row that has one
 */
export async function parsedFile(given: unknown, yieldControl: YieldControl): Promise<HouseholdFile> {
  const rows = (family: Family): unknown[] | undefined => {
    const list = (given as Record<string, unknown>)[family];
    return Array.isArray(list) ? list : undefined;
  };
  const lists = Object.fromEntries(OUTWARDS.flatMap((family) => (rows(family) ? [[family, []]] : [])));
  // First all but the rows: what is missing or too much shows here.
  const file = parsed(HouseholdFile, { ...(given as object), ...lists }) as Record<string, unknown>;
  for (const family of OUTWARDS)
    if ((rows(family)?.length ?? 0) > MAX_ROWS) throw broken(`There are more than ${MAX_ROWS} rows.`, family);
  if ((rows('mixes')?.length ?? 0) > MAX_MIXES) parsed(HouseholdFile.shape.mixes, rows('mixes'), ['mixes']);
  for (const family of OUTWARDS) {
    const whole: unknown[] = [];
    for (const [index, row] of (rows(family) ?? []).entries()) {
      const { events } = (row ?? {}) as { readonly events?: readonly unknown[] };
      // Looked at before its shape, which would take as long as there are events.
      if (isTooLong(events ?? [])) throw broken(TOO_LONG, `${family}.${index}.events`);
      whole.push(parsed(HouseholdFile.shape[family].element as ZodType, row, [family, index]));
      await yieldControl();
    }
    file[family] = whole;
  }
  return file as HouseholdFile;
}

/** @param at where in the file it lies */
export function parsed<T>(shape: ZodType<T>, given: unknown, at: readonly PropertyKey[] = []): T {
  const result = safelyParsed(shape, given);
  if (result.success) return result.data;
  throw new InvalidInput(result.error.issues.map((issue) => ({ ...issue, path: [...at, ...issue.path] })));
}

/** Rows of one kind: decades of a large household are a tenth of it. */
const MAX_ROWS = 200_000;

function safelyParsed<T>(shape: ZodType<T>, given: unknown) {
  try {
    return shape.safeParse(given);
  } catch (error) {
    throw asInvalid(error);
  }
}

/** One that is under way still needs room for its end. */
const isTooLong = (events: readonly unknown[]): boolean => {
  const last = events.at(-1) as { readonly event?: { readonly kind?: unknown } } | null | undefined;
  return events.length > MAX_EVENTS_READ - (last?.event?.kind === 'finished' ? 0 : 1);
};

const TOO_LONG = `It has more than ${MAX_EVENTS_READ} events.`;

const TWICE = 'The same id is in it twice.';
/** No figure of a plan, in whatever unit, comes near. */
const LARGEST = 1e7;
const MAX_TEXT = 4000;

/** Ids once each, and everything that is pointed at is there. */
export async function requireWhole(file: HouseholdFile, yieldControl: YieldControl): Promise<void> {
  const need = (ids: ReadonlySet<string>, wanted: string, path: string) => {
    if (!ids.has(wanted)) throw broken('Something in it points at what is not in it.', path);
  };
  const [pieces, troubles, plans, runs] = (['pieces', 'troubles', 'plans', 'runs'] as const).map((family) => {
    const ids = new Set(file[family].map((row) => row.id));
    if (ids.size < file[family].length) throw broken(TWICE, family);
    return ids;
  }) as [Set<string>, Set<string>, Set<string>, Set<string>];
  for (const [index, row] of file.troubles.entries()) need(pieces, row.pieceId, `troubles.${index}.pieceId`);
  for (const [index, row] of file.plans.entries()) need(troubles, row.troubleId, `plans.${index}.troubleId`);
  for (const [index, row] of file.runs.entries()) need(plans, row.planId, `runs.${index}.planId`);
  for (const [index, row] of file.care.entries()) need(pieces, row.pieceId, `care.${index}.pieceId`);
  for (const [index, row] of file.pastUses.entries()) need(pieces, row.pieceId, `pastUses.${index}.pieceId`);
  for (const [index, row] of file.trials.entries()) need(plans, row.planId, `trials.${index}.planId`);
  for (const [index, { runId, pieceId }] of file.photos.entries()) {
    if ((runId === null) === (pieceId === null))
      throw broken('A picture in it is of nothing, or of two things.', `photos.${index}`);
    if (runId !== null) need(runs, runId, `photos.${index}.runId`);
    if (pieceId !== null) need(pieces, pieceId, `photos.${index}.pieceId`);
  }
  requireWholeHeap(file, pieces, need);
  await yieldControl();
  const events = new Set<string>();
  for (const run of file.runs) {
    for (const id of run.events.flatMap((row) => [row.key, row.id])) {
      if (events.has(id)) throw broken('The same event is in it twice.', 'runs');
      events.add(id);
    }
    await yieldControl();
  }
  requireOnce(
    file.trials.flatMap((trial) => trial.events.map((row) => row.id)),
    'The same event is in it twice.',
    'trials',
  );
  for (const family of ['mixes', 'care', 'trials', 'photos', 'loads', 'heap'] as const)
    requireOnce(
      file[family].map((row) => row.id),
      TWICE,
      family,
    );
  requireOnce(
    file.pastUses.map((row) => row.use.id),
    TWICE,
    'pastUses',
  );
  await yieldControl();
  const pictures = new Map(file.photos.map((photo) => [photo.id, photo.runId]));
  for (const [index, run] of file.runs.entries()) {
    for (const [place, { event }] of run.events.entries())
      if (event.kind === 'photoKept' && pictures.get(event.photoId) !== run.id)
        throw broken('A picture of a run is not in it.', `runs.${index}.events.${place}.event.photoId`);
    await yieldControl();
  }
}

/** Lines point at pieces and loads that are there; what hung was in a load. */
function requireWholeHeap(
  { heap, loads }: HouseholdFile,
  pieces: ReadonlySet<string>,
  need: (ids: ReadonlySet<string>, wanted: string, path: string) => void,
): void {
  const filled = new Set(loads.map((row) => row.id));
  for (const [index, { pieceId, loadId, hungAt, dryAt, line }] of heap.entries()) {
    if (pieceId !== null) need(pieces, pieceId, `heap.${index}.pieceId`);
    if (pieceId !== line.pieceId)
      throw broken('A line of the heap is of two pieces.', `heap.${index}.pieceId`);
    if (loadId !== null) need(filled, loadId, `heap.${index}.loadId`);
    else if (hungAt !== null || dryAt !== null)
      throw broken('A line of the heap hangs that was never washed.', `heap.${index}.hungAt`);
  }
}

function requireOnce(ids: readonly string[], message: string, path: string): void {
  if (new Set(ids).size < ids.length) throw broken(message, path);
}

/** Every name a file uses is one the knowledge has. @throws DomainError unknownReference */
export async function requireKnownNames(
  file: HouseholdFile,
  knowledge: Knowledge,
  yieldControl: YieldControl,
): Promise<void> {
  for (const [index, { facts }] of file.pieces.entries()) {
    requireKnownPiece(facts, knowledge, `pieces.${index}.facts.`);
    await yieldControl();
  }
  for (const [index, { facts }] of file.troubles.entries()) {
    requireKnownFacts(facts, knowledge, `troubles.${index}.facts.`);
    await yieldControl();
  }
  for (const [index, { upkeepId }] of file.care.entries())
    if (upkeepId !== null) requireKnownId(knowledge.upkeep, upkeepId, `care.${index}.upkeepId`);
  for (const [index, { use }] of file.pastUses.entries()) {
    const at = `pastUses.${index}.use.`;
    requireKnownId(knowledge.methods, use.methodId, `${at}methodId`);
    requireKnownId(knowledge.marks, use.markId, `${at}markId`);
    requireKnownId(knowledge.components, use.componentId, `${at}componentId`);
    if (use.dose) requireKnownId(knowledge.agents, use.dose.agentId, `${at}dose.agentId`);
  }
  for (const [index, { line }] of file.heap.entries()) {
    if (line.itemId !== null) requireKnownId(knowledge.items, line.itemId, `heap.${index}.line.itemId`);
    if (line.use !== null && line.use !== PLAIN_USE)
      requireKnownId(knowledge.hygienes, line.use, `heap.${index}.line.use`);
  }
  for (const [index, { setup }] of file.trials.entries())
    for (const [place, { methodId }] of setup.arms.entries())
      requireKnownId(knowledge.methods, methodId, `trials.${index}.setup.arms.${place}.methodId`);
}

/** Plans are shown even when they cannot be followed, so numbers and texts that no screen can display are refused. */
export async function requireSaneFigures(file: HouseholdFile, yieldControl: YieldControl): Promise<void> {
  for (const [index, { plan }] of file.plans.entries()) {
    await yieldControl();
    const left: unknown[] = [plan];
    for (let value = left.pop(); value !== undefined; value = left.pop()) {
      const tooMuch =
        (typeof value === 'number' && Math.abs(value) > LARGEST) ||
        (typeof value === 'string' && value.length > MAX_TEXT);
      if (tooMuch)
        throw broken('A plan in it has a figure or a text beyond all bounds.', `plans.${index}.plan`);
      if (value !== null && typeof value === 'object') left.push(...Object.values(value).filter(isThere));
    }
  }
}

const isThere = (value: unknown): boolean => value !== undefined;

/** Events must be in the order of their times. */
function requireForwards(
  events: readonly { readonly at: string; readonly kind: string }[],
  path: string,
): void {
  // A clock that was ahead is set back once, by an event of its own.
  for (const [index, { at, kind }] of events.entries())
    if (index > 0 && kind !== 'clockSet' && Date.parse(at) < Date.parse(events[index - 1]?.at ?? ''))
      throw broken('Something in it happened before what it follows.', `${path}.${index}.event.at`);
}

/** Every run and trial from its events alone; a log that does not replay is no log. */
export async function replayAll(
  file: HouseholdFile,
  knowledge: Knowledge,
  yieldControl: YieldControl,
): Promise<Map<string, RunSummary>> {
  const plans = new Map(file.plans.map(({ id, plan }) => [id, plan as unknown as Plan]));
  const summaries = new Map<string, RunSummary>();
  for (const [index, run] of file.runs.entries()) {
    await yieldControl();
    const plan = plans.get(run.planId);
    const events = run.events.map((row) => row.event);
    const replayed = plan && replayRun(events, plan);
    if (!plan || !replayed?.ok)
      throw broken(
        `The events of a run do not follow from one another. ` +
          `${replayed && !replayed.ok ? refusalWords(replayed.refusal) : ''}`,
        `runs.${index}.events`,
      );
    requireForwards(events, `runs.${index}.events`);
    const lastMs = Date.parse(events.at(-1)?.at ?? '');
    summaries.set(run.id, summariseRun(run.id, { plan, events, state: replayed.state }, knowledge, lastMs));
  }
  for (const [index, trial] of file.trials.entries()) {
    const replayed = replayTrial(
      trial.setup,
      trial.events.map((row) => row.event),
    );
    requireForwards(
      trial.events.map((row) => row.event),
      `trials.${index}.events`,
    );
    if (!replayed.ok) throw broken(trialRefusalWords(replayed.refusal), `trials.${index}.events`);
  }
  return summaries;
}

/** A picture with nothing in it but what draws it. @throws ServerError brokenFile with its place */
function cleaned<Photo extends { jpeg: string }>(photo: Photo, index: number): Photo {
  try {
    return { ...photo, jpeg: cleanJpeg(Buffer.from(photo.jpeg, 'base64')).toString('base64') };
  } catch (error) {
    if (!(error instanceof ServerError)) throw error;
    throw broken(String(error.details.message), `photos.${index}.jpeg`);
  }
}

/** Every picture encoded again, yielding between them. */
export async function cleanedPhotos<Photo extends { jpeg: string }>(
  photos: readonly Photo[],
  yieldControl: YieldControl,
): Promise<Photo[]> {
  const all: Photo[] = [];
  for (const [index, photo] of photos.entries()) {
    all.push(cleaned(photo, index));
    await yieldControl();
  }
  return all;
}

export const broken = (message: string, path: string): ServerError =>
  new ServerError('brokenFile', { message: `${message} Nothing was changed.`.trim(), path });
