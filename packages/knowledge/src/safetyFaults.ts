import type { Knowledge } from './knowledge.js';
import { ALARMED_PIECES, CAUTION_OCCASIONS } from './schema/hazard.js';
import { CARBONIC_SYSTEM_ID, LIKELIEST_FIBRE_ID, UNKNOWN_FIBRE_ID, WATER_ID } from './standing.js';

/** What the rules that guard people and pieces ask of the data, and do not get. */
export const safetyFaults = (knowledge: Knowledge): string[] => [
  ...nobodyStandsForIt(knowledge),
  ...vesselsNotNamed(knowledge),
  ...solventsWithoutCap(knowledge),
  ...pairsThatFume(knowledge),
];

/** Rules ask by occasion, piece and role: each must have a record that answers. */
function nobodyStandsForIt({ cautions, signs, agents, fibres, acidSystems }: Knowledge): string[] {
  const has = (family: readonly { id: string }[], id: string) => family.some((record) => record.id === id);
  return [
    ...CAUTION_OCCASIONS.filter((occasion) => !cautions.some((caution) => caution.occasion === occasion)).map(
      (occasion) => `cautions: none for the occasion "${occasion}"`,
    ),
    ...ALARMED_PIECES.filter(
      (piece) => !signs.some((sign) => sign.standsFor === piece && sign.kind === 'alarm'),
    ).map((piece) => `signs: no alarm stands for "${piece}"`),
    ...(['enzyme', 'everyday', 'delicate'] as const)
      .filter((role) => !agents.some((agent) => agent.washRole === role))
      .map((role) => `agents: none washes as "${role}"`),
    ...(has(agents, WATER_ID) ? [] : [`agents: no "${WATER_ID}"`]),
    ...[UNKNOWN_FIBRE_ID, LIKELIEST_FIBRE_ID]
      .filter((id) => !has(fibres, id))
      .map((id) => `fibres: no "${id}"`),
    ...(has(acidSystems, CARBONIC_SYSTEM_ID) ? [] : [`acidSystems: no "${CARBONIC_SYSTEM_ID}"`]),
  ];
}

/** Sour enough to eat stone, zinc and aluminium; alkaline enough to eat zinc and aluminium. Common practice, no source. */
const EATS_METAL = { sourPH: 4, alkalinePH: 9.6 } as const;

/** A product that eats a vessel by its pH says so, whatever its name is. */
function vesselsNotNamed({ agents }: Knowledge): string[] {
  return agents
    .filter((agent) => agent.hasPH && !agent.neverOffered && agent.form !== 'solid')
    .flatMap((agent) => {
      const sour = agent.pH.low < EATS_METAL.sourPH && !agent.chemistries.includes('peroxide');
      const alkaline = agent.pH.high > EATS_METAL.alkalinePH && agent.form === 'powder';
      const eats = [
        ...(sour ? (['stone', 'aluminium', 'zinc'] as const) : []),
        ...(alkaline ? (['aluminium', 'zinc'] as const) : []),
      ];
      return [...new Set(eats)]
        .filter((material) => !agent.notInVessels.includes(material))
        .map((material) => `agents.${agent.id}: its pH attacks ${material}, and it does not say so`);
    });
}

/** What burns and is offered has a cap, its cautions, and the line on what is left of it. */
function solventsWithoutCap({ agents, cautions }: Knowledge): string[] {
  const forbidsHeat = new Set(cautions.filter((caution) => caution.forbidsHeat).map(({ id }) => id));
  return agents
    .filter((agent) => agent.flammable && !agent.neverOffered)
    .flatMap((agent) => [
      ...(agent.mostMLPerRound === null ? [`agents.${agent.id}: burns, and has no cap`] : []),
      ...(agent.attended ? [] : [`agents.${agent.id}: burns, and may be left alone`]),
      ...(agent.cautionIds.some((id) => forbidsHeat.has(id))
        ? []
        : [`agents.${agent.id}: burns, and no caution of it forbids heat`]),
    ]);
}

/** Pairs whose gas is a trace, and what it does in an ordinary wash. */
const TRACES = new Set(['protease']);

/** What gives off gas when chlorine or a reducer meets it says so for two products on one cloth as well. */
const pairsThatFume = ({ forbiddenPairs }: Knowledge): string[] =>
  forbiddenPairs
    .filter(({ happens }) => /\bgas\b|chloramine|sulphur dioxide|trichloride|\bfumes\b/.test(happens))
    .filter(({ a, b, fumes }) => !fumes && ![a, b].some((one) => TRACES.has(one)) && ACTIVE.has(a))
    .map(({ id }) => `forbiddenPairs.${id}: gives off gas, and is not among those that fume on cloth`);

const ACTIVE = new Set(['chlorine', 'poolChlorine', 'reducer', 'mildReducer', 'ammonia']);
