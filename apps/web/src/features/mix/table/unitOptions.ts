import { type Catalogue, type Household, MASS_UNITS, VOLUME_UNITS } from '@feverfew/contracts';

export interface UnitOption {
  readonly unit: string;
  readonly word: string;
}

/** Units a product is counted in here: what the house owns first, then exact ones, then the rest of the kitchen. */
export function unitOptions(agent: Catalogue['agents'][number], household: Household): UnitOption[] {
  const cap = household.products.find((product) => product.agentId === agent.id)?.capML;
  const own = household.ownMeasures.map(({ id, name }) => ({ unit: `own:${id}`, word: name }));
  const tools = household.tools
    .filter((tool) => tool !== 'jug')
    .map((tool) => ({ unit: tool, word: VOLUME_UNITS[tool as keyof typeof VOLUME_UNITS]?.word ?? tool }));
  const exact = agent.isLiquid ? ['mL', 'L', 'g'] : ['g', 'kg', 'mL'];
  const listed = [
    ...(cap ? [{ unit: 'cap', word: `cap (${cap} mL)` }] : []),
    ...exact.map((unit) => ({ unit, word: unit })),
    ...tools,
    ...own,
  ];
  const others = [...Object.entries(VOLUME_UNITS), ...Object.entries(MASS_UNITS)]
    .map(([unit, { word }]) => ({ unit, word }))
    .filter(({ unit }) => listed.every((option) => option.unit !== unit));
  return [...listed, ...others];
}

/** What a product is poured in at first: grams for powders, millilitres for liquids. */
export const firstUnit = (agent: Catalogue['agents'][number]): string => (agent.isLiquid ? 'mL' : 'g');
