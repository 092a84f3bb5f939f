import type { Catalogue } from '@feverfew/contracts';

/** In every house without being in a cupboard. */
const ALWAYS_HERE: readonly string[] = ['water', 'sunAir', 'steam'];

/** What may stand in a cupboard. */
export const bottlesOf = ({ agents }: Catalogue): Catalogue['agents'] =>
  agents.filter((agent) => agent.offered && !ALWAYS_HERE.includes(agent.id));
