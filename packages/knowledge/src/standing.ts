import { agents } from './data/agents.js';
import { cautions } from './data/cautions.js';
import { signs } from './data/signs.js';
import {
  ALARMED_PIECES,
  type AlarmedPiece,
  CAUTION_OCCASIONS,
  type CautionOccasion,
} from './schema/hazard.js';

/** Cautions said on an occasion, whatever the product. */
export const STANDING_CAUTIONS = Object.fromEntries(
  CAUTION_OCCASIONS.map((occasion) => [
    occasion,
    cautions.filter((caution) => caution.occasion === occasion).map(({ id }) => id),
  ]),
) as unknown as Readonly<Record<CautionOccasion, readonly string[]>>;

/** Cautions on what burns, smoulders or fumes in heat. */
export const HEAT_FORBIDDING_CAUTIONS: ReadonlySet<string> = new Set(
  cautions.filter((caution) => caution.forbidsHeat).map(({ id }) => id),
);

/** Cautions on what burns in a dryer or is set by it. */
export const DRYER_BARRING_CAUTIONS: ReadonlySet<string> = new Set(
  cautions.filter((caution) => caution.bars.includes('tumble')).map(({ id }) => id),
);

/** Products whose vapour burns. */
export const FLAMMABLE_AGENTS: ReadonlySet<string> = new Set(
  agents.filter((agent) => agent.flammable).map(({ id }) => id),
);

/** Alarms always looked for on a piece of a kind. */
export const STANDING_ALARMS = Object.fromEntries(
  ALARMED_PIECES.map((piece) => [
    piece,
    signs.filter((sign) => sign.standsFor === piece).map(({ id }) => id),
  ]),
) as unknown as Readonly<Record<AlarmedPiece, readonly string[]>>;

/** Records that stand for something by themselves. */
export const WATER_ID = 'water';
export const UNKNOWN_FIBRE_ID = 'unknownFibre';
/** What a person would most likely find when they look for the fibre. */
export const LIKELIEST_FIBRE_ID = 'cotton';
export const CARBONIC_SYSTEM_ID = 'carbonic';
