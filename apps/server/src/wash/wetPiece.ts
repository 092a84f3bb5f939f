import { BY_HAND } from '@feverfew/contracts';
import {
  canLie,
  clothKindOf,
  type DryingLimits,
  dryingLieOf,
  dryingLimitsOf,
  HANGING_PLACES,
  type HangingPlace,
  type Household,
  massOf,
  type PieceFacts,
  regainOf,
  type WetPiece,
  type WrungBy,
  waterAfter,
} from '@feverfew/core';
import type { ClothKind, Knowledge } from '@feverfew/knowledge';
import type { ReadLine } from './heap.service.js';
import type { LoadRow } from './wash.repository.js';

/** A wet line with all inputs of its drying time. */
export interface Wet {
  readonly read: ReadLine;
  readonly load: LoadRow;
  readonly limits: DryingLimits;
  readonly wet: WetPiece;
  /** Where it may hang or lie: by its limits, and by what kind of piece it is. */
  readonly places: HangingPlace[];
  /** How it is turned or shaken meanwhile; empty = not at all. */
  readonly turning: string;
  /** A towel would take more out of it than the drum has. */
  readonly rollHelps: boolean;
}

interface Around {
  readonly household: Household;
  readonly hasLine: boolean;
  /** Nothing else is on the airer. */
  readonly isAlone: boolean;
  /** Milliseconds since 1970. */
  readonly now: number;
}

/** A piece out of the drum or the basin: how wet it is, where it hangs or would hang best, and how it lies there. */
export function wetPieceOf(
  read: ReadLine,
  load: LoadRow,
  { household, hasLine, isAlone, now }: Around,
  knowledge: Knowledge,
): Wet {
  const { entry, row } = read;
  const { itemId, parts, colour } = entry.facts.piece;
  const limits = dryingLimitsOf(entry, household, knowledge);
  const kind = clothKindOf(itemId, knowledge);
  const dryMassG = massOf(entry, knowledge);
  const regainPct = regainOf(parts, new Map(knowledge.fibres.map((fibre) => [fibre.id, fibre])));
  const after = (by: WrungBy) => {
    const { low, high } = waterAfter(regainPct, by, knowledge.waterLeft);
    return { low: low * dryMassG, high: high * dryMassG };
  };
  const { programmeId, spinRpm } = load.load;
  const spun = after(programmeId === BY_HAND ? { kind: 'wrung' } : { kind: 'spun', rpm: spinRpm });
  const rolled = after({ kind: 'rolled' });
  const rollHelps = rolled.high < spun.high;
  const fibreIds = parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId));
  const places = placesOf(itemId, fibreIds, limits, knowledge);
  const place = row.place ?? bestPlace(places, limits, hasLine);
  const areaM2 = dryMassG / entry.count / Math.sqrt(kind.gPerM2.low * kind.gPerM2.high);
  const lie = dryingLieOf(
    { itemId, fibreIds, place, areaM2, isAlone: isAlone && place === 'rack' },
    knowledge,
  );
  return {
    read,
    load,
    limits,
    rollHelps,
    places,
    turning: turningOf(place, kind, knowledge),
    wet: {
      id: row.id,
      dryMassG,
      waterG: row.rolled && rollHelps ? rolled : spun,
      hoursForG: lie.kind === 'thick' && lie.after === 'rolled' ? rolled : after({ kind: 'spun', rpm: 1200 }),
      gPerM2: kind.gPerM2,
      exposed: kind.exposed,
      dark: colour === 'dark' || colour === 'mid',
      place,
      lie,
      hungAt: row.hungAt?.getTime() ?? now,
    },
  };
}

function placesOf(
  itemId: PieceFacts['itemId'],
  fibreIds: readonly string[],
  { flat, sun }: DryingLimits,
  knowledge: Knowledge,
): HangingPlace[] {
  const places = HANGING_PLACES.filter(
    (place) =>
      (!flat || place === 'flat') &&
      (sun.value !== 'never' || place !== 'line') &&
      canLie(itemId, fibreIds, place, knowledge),
  );
  return places.length > 0 ? places : ['flat'];
}

/** Flat where it felts, out of the sun where it fades, indoors where there is no clothes line. */
function bestPlace(places: readonly HangingPlace[], { felts }: DryingLimits, hasLine: boolean): HangingPlace {
  const order: readonly HangingPlace[] = [
    ...(felts ? (['flat'] as const) : []),
    ...(hasLine ? (['line', 'shade'] as const) : []),
    'rack',
    'flat',
  ];
  return order.find((place) => places.includes(place)) ?? 'flat';
}

const turningOf = (place: HangingPlace, kind: ClothKind, { dryingLies }: Knowledge): string =>
  dryingLies.find(({ id }) => id === place)?.turning || kind.turning;
