import type { Mark } from '../schema/soil.js';

/** What holds for most marks. */
export const plain = {
  number: 'mass' as Mark['number'],
  hasSolids: false,
  bodyFluid: false,
  damage: false,
  fuel: false,
  heatsItself: false,
  staysInFilling: null as 'mould' | 'germs' | null,
  expectedSignIds: [] as string[],
  cautionIds: [] as string[],
  advice: [] as Mark['advice'],
  withAge: '',
  lookAlikeIds: [] as string[],
  exceptions: [] as Mark['exceptions'],
  sourceIds: ['commonPractice'],
} satisfies Partial<Mark>;

/** Components with their shares. */
export const of = (...parts: [string, number][]): Mark['components'] =>
  parts.map(([componentId, weight]) => ({ componentId, weight }));

/** A list of marks, typed once. */
export const listed = (marks: readonly Mark[]): readonly Mark[] => marks;
