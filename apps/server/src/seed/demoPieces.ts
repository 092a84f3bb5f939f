import type { NewPiece } from '@feverfew/contracts';
import { BLANK_LABEL, type CareLabel, type PiecePart } from '@feverfew/core';

const label = (maxC: 30 | 40 | 60 | 95, more: Partial<CareLabel> = {}): CareLabel => ({
  ...BLANK_LABEL,
  wash: { kind: 'machine', maxC, bars: 0 },
  bleach: 'oxygenOnly',
  tumble: 'low',
  iron: 'medium',
  ...more,
});
const handWash: CareLabel = {
  ...BLANK_LABEL,
  wash: { kind: 'hand' },
  bleach: 'never',
  tumble: 'never',
  natural: 'flat',
  shade: true,
  iron: 'low',
  dryClean: 'P',
};
const noWash: CareLabel = {
  ...BLANK_LABEL,
  wash: { kind: 'never' },
  bleach: 'never',
  tumble: 'never',
  iron: 'low',
  dryClean: 'P',
};

const whole = (...fibres: [string, number][]): PiecePart[] => [
  { name: 'whole piece', fibres: fibres.map(([fibreId, sharePct]) => ({ fibreId, sharePct })) },
];
const plain = {
  fastness: 'unknown',
  condition: 'sound',
  label: null,
  code: null,
  dryMassG: null,
  metalParts: false,
  note: '',
} as const;

export const demoPieces = {
  damaskCloth: {
    ...plain,
    itemId: 'tableLinen',
    name: 'damask cloth',
    parts: whole(['linen', 100]),
    colour: 'white',
    label: label(60),
    note: 'Came with the cottage. Twelve places.',
  },
  beeSmock: {
    ...plain,
    itemId: 'workwear',
    name: 'bee smock',
    parts: whole(['cotton', 100]),
    colour: 'natural',
    fastness: 'proven',
    condition: 'worn',
    label: label(60),
    metalParts: true,
    note: 'Brass zip at the veil.',
  },
  parlourCurtains: {
    ...plain,
    itemId: 'curtain',
    name: 'parlour curtains',
    parts: whole(['cotton', 55], ['linen', 45]),
    colour: 'natural',
    label: label(40, { tumble: 'never' }),
  },
  waistcoat: {
    ...plain,
    itemId: 'waistcoat',
    name: 'ceilidh waistcoat',
    parts: [
      { name: 'shell', fibres: [{ fibreId: 'wool', sharePct: 100 }] },
      { name: 'lining', fibres: [{ fibreId: 'viscose', sharePct: 100 }] },
    ],
    colour: 'dark',
    label: noWash,
  },
  merinoLayer: {
    ...plain,
    itemId: 'sportsTop',
    name: 'merino layer',
    parts: whole(['wool', 87], ['polyamide', 13]),
    colour: 'mid',
    label: { ...handWash, shade: false, natural: null },
  },
  silkScarf: {
    ...plain,
    itemId: 'scarf',
    name: 'silk scarf',
    parts: whole(['silk', 100]),
    colour: 'multicoloured',
    label: handWash,
  },
  schoolPolo: {
    ...plain,
    itemId: 'tShirt',
    name: 'school polo',
    parts: whole(['polyester', 65], ['cotton', 35]),
    colour: 'pale',
    fastness: 'proven',
    label: label(40),
  },
  percaleCase: {
    ...plain,
    itemId: 'pillowcase',
    name: 'percale pillowcase',
    parts: whole(['cotton', 100]),
    colour: 'white',
    label: label(60),
  },
  goodCoat: {
    ...plain,
    itemId: 'linedCoat',
    name: 'good coat',
    parts: [
      {
        name: 'shell',
        fibres: [
          { fibreId: 'wool', sharePct: 80 },
          { fibreId: 'polyamide', sharePct: 20 },
        ],
      },
      { name: 'lining', fibres: [{ fibreId: 'acetate', sharePct: 100 }] },
    ],
    colour: 'dark',
    label: noWash,
  },
  windowSeat: {
    ...plain,
    itemId: 'windowSeat',
    name: 'window seat',
    parts: [{ name: 'cover', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
    colour: 'pale',
    code: 'WS',
  },
  awning: {
    ...plain,
    itemId: 'canvas',
    name: 'canvas awning',
    parts: whole(['cotton', 100]),
    colour: 'natural',
    condition: 'worn',
  },
  blouse: {
    ...plain,
    itemId: 'shirt',
    name: 'viscose blouse',
    parts: whole(['viscose', 100]),
    colour: 'mid',
    label: label(30, { wash: { kind: 'machine', maxC: 30, bars: 1 }, bleach: 'never', tumble: 'never' }),
  },
  hallRug: {
    ...plain,
    itemId: 'rug',
    name: 'hall rug',
    parts: [{ name: 'pile', fibres: [{ fibreId: 'wool', sharePct: 100 }] }],
    colour: 'multicoloured',
    code: 'W',
    note: 'A hidden corner took water without a ring.',
  },
  honeyMuslins: {
    ...plain,
    itemId: 'strainingCloth',
    name: 'honey-press muslins',
    parts: whole(['cotton', 100]),
    colour: 'white',
    label: label(95),
    dryMassG: 240,
    note: 'Four squares, washed together.',
  },
  lawnPetticoat: {
    ...plain,
    itemId: 'petticoat',
    name: 'lawn petticoat',
    parts: whole(['cotton', 100]),
    colour: 'white',
    label: label(40),
    note: 'From the loft.',
  },
  bathTowels: {
    ...plain,
    itemId: 'towel',
    name: 'bath towels',
    parts: whole(['cotton', 100]),
    colour: 'white',
    label: label(60),
    dryMassG: 1100,
    note: 'A pair.',
  },
} satisfies Record<string, NewPiece>;

export type DemoPieceKey = keyof typeof demoPieces;
