import type { DryingLie, SlowDryer } from '../schema/washing.js';

const practice = ['commonPractice'];
const memory = ['memory'];

/**
 * Worked out from hours that are common practice, after 1200 rpm in a room of 18 to 20 °C. On an airer a shirt takes
 * 3–8, jeans 12–26, terry 10–20, a sweatshirt 10–20; one layer in free air takes about a third. Laid flat they take 6–12,
 * 20–36, 16–30, 16–30. Over a chair they take 5–12, 20–36, 14–26, 16–28. A folded sheet takes 8–16 on an airer, an open
 * one 3–6.
 */
export const dryingLies: readonly DryingLie[] = [
  {
    id: 'rack',
    name: 'on an airer',
    slower: 3,
    alone: 1.8,
    folded: 2.6,
    turning: '',
    sourceIds: practice,
  },
  {
    id: 'flat',
    name: 'laid flat',
    slower: 4.8,
    alone: 4.8,
    folded: 1,
    turning: 'Turn it every 4 to 6 hours, with a dry towel under it after two.',
    sourceIds: practice,
  },
  {
    id: 'chair',
    name: 'over a chair',
    slower: 4.4,
    alone: 4.4,
    folded: 2.6,
    turning: '',
    sourceIds: practice,
  },
];

/** Thick and lined pieces, whose core dries last, and pieces that only dry flat. */
export const slowDryers: readonly SlowDryer[] = [
  {
    id: 'downBedding',
    name: 'down bedding and coats',
    itemIds: ['duvet', 'pillow', 'downPillow', 'sleepingBag', 'filledCoat'],
    fibreIds: ['down'],
    after: 'spun',
    // Without a dryer; with one, the line only finishes it. Down that lies clumps.
    line: { low: 24, high: 48 },
    rack: { low: 36, high: 60 },
    flat: { low: 24, high: 48 },
    chair: null,
    sourceIds: memory,
  },
  {
    id: 'woolJumper',
    name: 'wool jumper',
    itemIds: ['jumper'],
    fibreIds: ['wool', 'cashmere', 'mohair', 'alpaca', 'angora', 'superwash'],
    after: 'rolled',
    // Its own water pulls it long.
    line: null,
    rack: null,
    flat: { low: 18, high: 36 },
    chair: null,
    sourceIds: practice,
  },
  {
    id: 'duvet',
    name: 'duvet with fibre filling',
    itemIds: ['duvet', 'sleepingBag'],
    fibreIds: [],
    after: 'spun',
    line: { low: 6, high: 14 },
    rack: { low: 24, high: 48 },
    flat: { low: 36, high: 60 },
    chair: null,
    sourceIds: practice,
  },
  {
    id: 'pillow',
    name: 'pillow',
    itemIds: ['pillow', 'downPillow', 'filledCoat'],
    fibreIds: [],
    after: 'spun',
    line: { low: 8, high: 16 },
    rack: { low: 24, high: 48 },
    flat: { low: 24, high: 48 },
    chair: null,
    sourceIds: practice,
  },
  {
    id: 'softToy',
    name: 'soft toy',
    itemIds: ['softToy'],
    fibreIds: [],
    after: 'spun',
    line: { low: 4, high: 10 },
    rack: { low: 18, high: 36 },
    flat: { low: 18, high: 36 },
    chair: null,
    sourceIds: practice,
  },
  {
    id: 'linedCurtain',
    name: 'lined curtain',
    itemIds: ['linedCurtain'],
    fibreIds: [],
    after: 'spun',
    line: { low: 3, high: 8 },
    rack: { low: 8, high: 20 },
    flat: null,
    chair: null,
    sourceIds: practice,
  },
  {
    id: 'curtain',
    name: 'curtain',
    itemIds: ['curtain'],
    fibreIds: [],
    after: 'spun',
    line: { low: 1.5, high: 3 },
    rack: { low: 4, high: 8 },
    flat: null,
    chair: null,
    sourceIds: practice,
  },
  {
    id: 'rug',
    name: 'rug',
    itemIds: ['rug'],
    fibreIds: [],
    after: 'spun',
    line: { low: 8, high: 24 },
    rack: { low: 24, high: 72 },
    flat: { low: 36, high: 72 },
    chair: null,
    sourceIds: practice,
  },
];
