import type { ClothKind, Hygiene, KeptFromDrum, Knowledge } from '@feverfew/knowledge';
import { type Envelope, windowOf } from '../envelope/envelope.js';
import type { Household } from '../household/household.js';
import { indexKnowledge, type KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import { dripsDry } from '../textile/careLabel.js';
import type { PieceFacts } from '../textile/piece.js';
import { openCase } from '../treatment/case/openCase.js';
import { isVapour } from '../treatment/case/vapourHere.js';
import type { DrumPiece, Held, HeldBy, ReadEntry, StayReason } from './drumPiece.js';
import { dryingIn, feltingIn } from './dryingLimits.js';
import { type HeapEntry, PLAIN_USE } from './heapEntry.js';
import type { LoadProgramme, Machine } from './machine.js';

/** Figures a drum goes by where a tag says dripping: hardly any spin. Common practice, no source. */
const DRIPPING_RPM = 400;

/**
 * What a line of the heap asks of this machine's drum. Its limits are the envelope's, as for a treatment. What comes
 * with its kind of cloth and its use comes on top and can only narrow them.
 */
export function readEntry(
  entry: HeapEntry,
  machine: Machine,
  household: Household,
  knowledge: Knowledge,
): ReadEntry {
  const stays = (reason: StayReason): ReadEntry => ({ to: 'stays', id: entry.id, reason });
  const index = indexKnowledge(knowledge);
  const kept = keptBy(entry, index, knowledge);
  if (entry.fuel || kept.some(({ rule, markId }) => markId !== null && rule.how === 'stays'))
    return stays({ code: 'fuel' });
  if (entry.solvent === 'smells' || (solventOn(entry, index) && entry.solvent === 'none'))
    return stays({ code: 'solventSmells' });
  const product = kept.find(({ rule, agentId }) => agentId !== null && rule.how === 'stays');
  if (product?.agentId) return stays({ code: 'productOnIt', agentId: product.agentId });
  if (entry.inTreatment) return stays({ code: 'inTreatment' });

  const { envelope } = openCase(entry.facts, household, knowledge).frame;
  if (envelope.wetting.most !== 'immersion')
    return stays({ code: 'notWashed', by: envelope.wetting.limits[0]?.owner ?? null });
  const { most, limits: programmes } = envelope.programme;
  const owner = programmes[0]?.owner ?? null;
  if (most === 'none') return stays({ code: 'notWashed', by: owner });
  if (most === 'hand') return stays({ code: 'byHand', by: owner });

  const { piece: facts } = entry.facts;
  const kind = clothKindOf(facts.itemId, knowledge);
  const use = useOf(entry, kind, knowledge);
  const maxC = coolUntilTested(heldByTreatment(maxOf(envelope, use), entry), facts, use);
  const coolest = Math.min(...machine.programmes.flatMap(({ tempsC }) => tempsC));
  if (maxC.value < coolest) return stays({ code: 'tooCool', maxC: maxC.value, by: maxC.by });

  const programme = programmeOf(most, owner, facts, index);
  const massG = massOf(entry, knowledge);
  const litres = (massG / 1000) * kind.litresPerKg;
  const capacityG = machine.programmes.find(({ id }) => id === programme.value)?.capacityG ?? 0;
  const one = massG / entry.count;
  if (one > capacityG || litres / entry.count > machine.drumL)
    return stays({ code: 'tooBig', massG: one, capacityG });

  const oxygen = oxygenOf(envelope, entry);
  return {
    to: 'drum',
    piece: {
      id: entry.id,
      name: entry.name,
      count: entry.count,
      clothKindId: kind.id,
      massG,
      massGuessed: entry.massG === null && facts.dryMassG === null,
      litres,
      soil: entry.soil,
      maxC,
      likesC: Math.min(maxC.value, likesOf(kind, facts)),
      floor: use
        ? {
            hygieneId: use.id,
            floorC: use.floorC,
            met: maxC.value >= use.floorC && programme.value !== 'woollens' && programme.value !== 'delicate',
          }
        : null,
      ownLoad: use?.ownLoad ? use.id : null,
      alone: aloneFor(entry, kept, index),
      programme,
      spinRpm: spinOf(facts, kind, machine),
      oxygen,
      wantsOxygen: oxygen.value === 'may' && (facts.colour === 'white' || use !== null),
      colour: facts.colour,
      fastness: facts.fastness,
      lint: lintOf(kind, facts, index),
      ...dryingIn(envelope, entry),
      noSoftener: kind.noSoftener || windowOf(envelope, 'softener').verdict === 'never' || use !== null,
      noEnzymes: windowOf(envelope, 'protease').verdict === 'never',
      bearsAcid: windowOf(envelope, 'weakAcid').verdict !== 'never',
      openMarkIds: entry.facts.markIds,
      set: entry.set,
    },
  };
}

/** Mass of a piece of unknown kind and mass, g. */
const USUAL_PIECE_G = 300;

/** Dry mass of a whole line, g: as entered, otherwise by the piece, otherwise by its kind. */
export function massOf({ massG, count, facts }: HeapEntry, { items }: Pick<Knowledge, 'items'>): number {
  const item = items.find(({ id }) => id === facts.piece.itemId);
  return massG ?? (facts.piece.dryMassG ?? item?.dryMassG ?? USUAL_PIECE_G) * count;
}

/** A rule that keeps a piece out of drums or company, with the mark or the product it goes by. */
interface Kept {
  readonly rule: KeptFromDrum;
  readonly markId: string | null;
  readonly agentId: string | null;
}

/** Every such rule that holds here: a mark that is not gone, a product that was not washed out. */
function keptBy({ facts }: HeapEntry, index: KnowledgeIndex, { keptFromDrum }: Knowledge): Kept[] {
  const left = facts.tried.filter(({ washedOut }) => washedOut !== 'yes');
  return keptFromDrum.flatMap((rule): Kept[] => [
    ...facts.markIds
      .filter((markId) => rule.markIds.includes(markId))
      .map((markId) => ({ rule, markId, agentId: null })),
    ...left
      .filter(({ agentId }) =>
        index.agents.get(agentId)?.chemistries.some((one) => rule.chemistries.includes(one)),
      )
      .map(({ agentId }) => ({ rule, markId: null, agentId })),
  ]);
}

/** Why it is washed with nothing else; straps that hold a child are no company for anything. */
function aloneFor(
  { solvent, facts }: HeapEntry,
  kept: readonly Kept[],
  { items, partsByName }: KnowledgeIndex,
): HeldBy | null {
  if (solvent === 'aired') return { kind: 'solvent' };
  const markId = kept.find(({ rule, markId: id }) => id !== null && rule.how === 'alone')?.markId;
  if (markId) return { kind: 'mark', markId };
  const item = items.get(facts.piece.itemId ?? '');
  const straps = (item?.partNames ?? []).flatMap((name) => partsByName.get(name) ?? []);
  const partId = straps.find(({ plannedAs }) => plannedAs !== null)?.id;
  return partId ? { kind: 'part', partId } : null;
}

/** A product whose vapour burns has been on it and was not washed out. */
const solventOn = ({ facts }: HeapEntry, index: KnowledgeIndex): boolean =>
  facts.tried.some(({ agentId, washedOut }) => {
    const agent = index.agents.get(agentId);
    return washedOut !== 'yes' && agent !== undefined && isVapour(agent);
  });

/** The kind of cloth a piece is of; the one for the rest where no kind names it. */
export function clothKindOf(itemId: string | null, { clothKinds }: Pick<Knowledge, 'clothKinds'>): ClothKind {
  const kind =
    clothKinds.find((one) => itemId !== null && one.itemIds.includes(itemId)) ??
    clothKinds.find((one) => one.isRest);
  if (!kind) throw new Error('knowledge without a kind of cloth for the rest');
  return kind;
}

function useOf({ use }: HeapEntry, kind: ClothKind, { hygienes }: Knowledge): Hygiene | null {
  const id = use ?? kind.hygieneId;
  return id === null || id === PLAIN_USE ? null : (hygienes.find((hygiene) => hygiene.id === id) ?? null);
}

/** Once cold water has run through what may infect, heat goes before the mark: soil holds it no longer. */
function maxOf({ tempC }: Envelope, use: Hygiene | null): Held<number> {
  const limits = use ? tempC.limits.filter(({ owner }) => owner.kind !== 'soil') : tempC.limits;
  const tightest = limits.reduce<(typeof limits)[number] | null>(
    (best, limit) => (limit.soakOverMin === undefined && (!best || limit.maxC < best.maxC) ? limit : best),
    null,
  );
  return tightest ? { value: tightest.maxC, by: tightest.owner } : { value: tempC.max, by: null };
}

/** A treatment that ends in this load has its own wash, which was planned for what is left of the mark. */
const heldByTreatment = (maxC: Held<number>, { washDueC = null }: HeapEntry): Held<number> =>
  washDueC !== null && washDueC < maxC.value ? { value: washDueC, by: { kind: 'treatment' } } : maxC;

/** A deep colour that was never tested gives off less dye in cool water. Common practice, no source. */
const UNTESTED_MAX_C = 30;

/** Germs go first: a use that needs heat is washed hot, in its own company. */
const coolUntilTested = (
  maxC: Held<number>,
  { colour, fastness }: PieceFacts,
  use: Hygiene | null,
): Held<number> =>
  fastness === 'unknown' && (colour === 'mid' || colour === 'dark') && !use && maxC.value > UNTESTED_MAX_C
    ? { value: UNTESTED_MAX_C, by: { kind: 'colour', colour, fastness } }
    : maxC;

const likesOf = ({ likesC }: ClothKind, { colour }: PieceFacts): number =>
  colour === 'white' || colour === 'natural' ? likesC.white : likesC.coloured;

const BY_MOST: Readonly<Record<'veryMild' | 'mild' | 'normal', LoadProgramme>> = {
  veryMild: 'delicate',
  mild: 'easyCare',
  normal: 'cotton',
};

/** What felts goes on the wool programme, whatever else its tag would bear. */
function programmeOf(
  most: 'veryMild' | 'mild' | 'normal',
  owner: HeldBy | null,
  facts: PieceFacts,
  index: KnowledgeIndex,
): Held<LoadProgramme> {
  const felting = feltingIn(facts, index);
  return felting
    ? { value: 'woollens', by: { kind: 'fibre', ...felting } }
    : { value: BY_MOST[most], by: most === 'normal' ? null : owner };
}

function spinOf({ label }: PieceFacts, { mostSpinRpm, id }: ClothKind, machine: Machine): Held<number> {
  const fastest = Math.max(...machine.programmes.map(({ spinRpm }) => spinRpm));
  if (dripsDry(label) && DRIPPING_RPM < (mostSpinRpm ?? fastest))
    return { value: DRIPPING_RPM, by: { kind: 'label', sign: 'flat' } };
  return mostSpinRpm !== null && mostSpinRpm < fastest
    ? { value: mostSpinRpm, by: { kind: 'cloth', clothKindId: id } }
    : { value: fastest, by: null };
}

/** Oxygen bleach goes into a drum only where no piece forbids it, asks for a hidden test, or is only taken to be white. */
function oxygenOf(envelope: Envelope, { isColourAssumed, facts }: HeapEntry): Held<'may' | 'never'> {
  const by = { kind: 'colour', colour: 'unknown', fastness: facts.piece.fastness } as const;
  if (isColourAssumed) return { value: 'never', by };
  const window = windowOf(envelope, 'percarbonate');
  const bars = window.limits.find(({ verdict }) => verdict !== 'limited');
  return bars ? { value: 'never', by: bars.owner } : { value: 'may', by: null };
}

/** Half or more of a smooth synthetic, dark: fluff is seen on it and holds. */
function lintOf(
  { lint }: ClothKind,
  { colour, parts }: PieceFacts,
  index: KnowledgeIndex,
): DrumPiece['lint'] {
  if (lint === 'gives') return 'gives';
  const dark = colour === 'dark' || colour === 'mid';
  if (!dark) return 'neither';
  const smooth = parts.some(
    ({ fibres }) =>
      fibres
        .filter(({ fibreId }) => index.fibres.get(fibreId)?.group === 'synthetic')
        .reduce((sum, { sharePct }) => sum + sharePct, 0) >= 50,
  );
  return lint === 'takesWhenDark' || smooth ? 'takes' : 'neither';
}
