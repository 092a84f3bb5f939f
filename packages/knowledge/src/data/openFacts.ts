/**
 * The usual cloth and history of a trouble, for facts that are not entered yet: the answers a person may give, with
 * how often each is the one. Shares of each fact sum to 1. From memory: household spills and marks, never counted.
 */
export const OPEN_FACTS = {
  item: [
    { id: 'clothing', itemId: 'shirt', share: 0.42 },
    { id: 'tableOrBed', itemId: 'tableLinen', share: 0.2 },
    { id: 'carpet', itemId: 'carpet', share: 0.14 },
    { id: 'seat', itemId: 'armchair', share: 0.13 },
    { id: 'mattress', itemId: 'mattress', share: 0.06 },
    { id: 'coat', itemId: 'linedCoat', share: 0.05 },
  ],
  fibre: [
    { id: 'cotton', fibreId: 'cotton', share: 0.52 },
    { id: 'polyester', fibreId: 'polyester', share: 0.22 },
    { id: 'viscose', fibreId: 'viscose', share: 0.1 },
    { id: 'wool', fibreId: 'wool', share: 0.1 },
    { id: 'silk', fibreId: 'silk', share: 0.06 },
  ],
  colour: [
    { id: 'coloured', colour: 'mid', share: 0.6 },
    { id: 'white', colour: 'white', share: 0.4 },
  ],
  when: [
    { id: 'justNow', age: 'minutes', wetness: 'wet', share: 0.45 },
    { id: 'today', age: 'hours', wetness: 'dry', share: 0.25 },
    { id: 'earlier', age: 'weeks', wetness: 'dry', share: 0.3 },
  ],
  label: [
    { id: 'wash40', wash: { kind: 'machine', maxC: 40, bars: 0 }, share: 0.6 },
    { id: 'wash60', wash: { kind: 'machine', maxC: 60, bars: 0 }, share: 0.2 },
    { id: 'handWash', wash: { kind: 'hand' }, share: 0.1 },
    { id: 'doNotWash', wash: { kind: 'never' }, share: 0.1 },
  ],
  heat: [
    { id: 'none', heat: 'none', share: 0.85 },
    { id: 'heated', heat: 'tumbled', share: 0.15 },
  ],
} as const;
/** Of a floor covering the pile is of other fibres; one in twelve takes no water. */
const OPEN_PILE = {
  itemIds: ['carpet', 'rug', 'doormat'],
  fibre: [
    { id: 'polyamide', fibreId: 'polyamide', share: 0.42 },
    { id: 'wool', fibreId: 'wool', share: 0.26 },
    { id: 'polypropylene', fibreId: 'polypropylene', share: 0.24 },
    { id: 'sisal', fibreId: 'sisal', share: 0.08 },
  ],
} as const;
/** How often a kind of piece is of the fibre it is made of by default, where no usual makes are recorded. From memory. */
export const DEFAULT_FIBRE_SHARE = 0.6;
/** Covers of seats; those of leather are a piece of their own. From memory. */
const OPEN_SEAT = {
  itemIds: ['armchair', 'windowSeat', 'diningChair', 'vehicleSeat', 'childSeat', 'pram', 'deckchair'],
  fibre: [
    { id: 'polyester', fibreId: 'polyester', share: 0.5 },
    { id: 'cotton', fibreId: 'cotton', share: 0.2 },
    { id: 'viscose', fibreId: 'viscose', share: 0.12 },
    { id: 'linen', fibreId: 'linen', share: 0.1 },
    { id: 'wool', fibreId: 'wool', share: 0.08 },
  ],
} as const;
/** Kinds whose fibres are asked about with answers of their own. */
export const OPEN_FIBRES = [OPEN_PILE, OPEN_SEAT] as const;
export type OpenFactKey = keyof typeof OPEN_FACTS;
export const OPEN_FACT_KEYS = Object.keys(OPEN_FACTS) as [OpenFactKey, ...OpenFactKey[]];
