import { type Agent, type Chemistry, type Knowledge, WATER_ID } from '@feverfew/knowledge';
import { bringsCarbonate } from '../bath/solution/bringsCarbonate.js';
import { type Finding, finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import type { Mix } from './mix.js';

/** A mix, its products, and the vessels of the house. */
interface MixInVessel {
  readonly mix: Mix;
  readonly agents: readonly Agent[];
  readonly household: Household;
  readonly knowledge: Knowledge;
}

const ACIDS: readonly Chemistry[] = ['weakAcid', 'oxalicAcid'];

/** Sour enough to turn carbonate to gas: by pH, not by name. Softener and soda water are. */
const SOUR_PH = 5.5;

const isSour = (agent: Agent): boolean =>
  ACIDS.some((chemistry) => agent.chemistries.includes(chemistry)) ||
  (agent.hasPH && agent.id !== WATER_ID && agent.pH.low <= SOUR_PH && agent.chemistries.length > 0);

/** A vessel up to this size whose lid is its own is a jar or a can, and its lid closes, L. */
const MAX_JAR_L = 2;

/** Nothing that gives off gas goes into what closes. */
export function gasInClosed(read: MixInVessel): Finding[] {
  const { mix, household } = read;
  const { container } = mix;
  const vessel = vesselIn(mix, household);
  const isJar = vessel?.lid === true && vessel.volumeL <= MAX_JAR_L;
  const closed =
    container.kind === 'bottle' || container.kind === 'sprayer' ? container.kind : isJar ? 'jar' : null;
  const gives = closed && gasMaker(read);
  return gives
    ? [finding('gasInClosed', { agentId: gives.id, container: closed }, ['poisonCentre', 'chemHandbook'])]
    : [];
}

/** The product that gives off gas in this mix: by itself, or as carbonate that meets an acid. */
function gasMaker({ agents, knowledge }: Pick<MixInVessel, 'agents' | 'knowledge'>): Agent | undefined {
  const soda = agents.find((agent) => bringsCarbonate(agent, knowledge));
  const acid = agents.find((agent) => agent !== soda && isSour(agent));
  return agents.find((agent) => agent.givesGas) ?? (acid ? soda : undefined);
}

/** A larger vessel with a lid may hold it while the lid is off or lies loose. */
export function gasUnderLid(read: MixInVessel): Finding[] {
  const gives = vesselIn(read.mix, read.household)?.lid ? gasMaker(read) : undefined;
  return gives ? [finding('gasUnderLid', { agentId: gives.id }, ['poisonCentre', 'chemHandbook'])] : [];
}

const vesselIn = ({ container }: Mix, { vessels }: Household) =>
  container.kind === 'vessel' ? vessels.find(({ id }) => id === container.vesselId) : undefined;
