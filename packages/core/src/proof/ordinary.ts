import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '../trouble/troubleFacts.js';
import { drawn } from './drawn.js';

/** What an ordinary request comes to. */
export const ORDINARY_OUTCOMES = [
  'washedOrSoaked',
  'spotRinsedThrough',
  'inPlace',
  'heldByOwner',
  'dabbedOnly',
  'refused',
] as const;
export type OrdinaryOutcome = (typeof ORDINARY_OUTCOMES)[number];

export interface OrdinaryAnswer {
  readonly facts: TroubleFacts;
  readonly outcome: OrdinaryOutcome;
  readonly plan: Plan;
}

const MARKS = [
  ...['redWine', 'coffee', 'tea', 'tomato', 'grass', 'mud', 'blood', 'saladOil', 'butter', 'chocolate'],
  ...[
    'egg',
    'milk',
    'berry',
    'beetroot',
    'ballpoint',
    'lipstick',
    'foundation',
    'sunscreen',
    'curry',
    'mustard',
  ],
  ...[
    'sweatMark',
    'deodorantMark',
    'candleWax',
    'chewingGum',
    'mildew',
    'rust',
    'humanUrine',
    'vomit',
    'musty',
  ],
  ...[
    'beer',
    'gravy',
    'babyFood',
    'iceCream',
    'shoePolish',
    'feltTip',
    'dyeRun',
    'storageYellow',
    'sweatYellow',
  ],
];
type Tag = CareLabel['wash'];
const machine = (maxC: 30 | 40 | 60): Tag => ({ kind: 'machine', maxC, bars: 0 });
/** Ordinary pieces with their usual fibres and tags; null = no tag. */
const PIECES: readonly (readonly [
  itemId: string,
  fibres: Record<string, number>,
  tags: readonly (Tag | null)[],
])[] = [
  ['tShirt', { cotton: 100 }, [machine(60), machine(40), null]],
  ['shirt', { cotton: 65, polyester: 35 }, [machine(40), machine(60)]],
  ['jeans', { cotton: 98, elastane: 2 }, [machine(40), machine(30), null]],
  ['towel', { cotton: 100 }, [machine(60)]],
  ['tableLinen', { linen: 100 }, [machine(60), machine(40), null]],
  ['pillowcase', { cotton: 100 }, [machine(60)]],
  ['dress', { viscose: 100 }, [machine(30), { kind: 'hand' }]],
  ['jumper', { wool: 100 }, [{ kind: 'hand' }, machine(30)]],
  ['tShirt', { polyester: 100 }, [machine(40)]],
  ['babyClothes', { cotton: 100 }, [machine(60), machine(40)]],
  ['curtain', { polyester: 100 }, [machine(30), machine(40)]],
  ['carpet', { polyamide: 100 }, [null]],
  ['armchair', { cotton: 60, polyester: 40 }, [null]],
  ['mattress', { cotton: 100 }, [null]],
];
const AGES = ['minutes', 'hours', 'days', 'weeks'] as const;

/** Ordinary requests by number: an everyday mark on an everyday piece, and nothing tried. */
export function ordinaryAnswers(count: number, household: Household, knowledge: Knowledge): OrdinaryAnswer[] {
  const known = MARKS.filter((id) => knowledge.marks.some((mark) => mark.id === id));
  return Array.from({ length: count }, (_, number) => {
    const next = drawn(number + 1);
    const of = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
    const [itemId, fibres, tags] = of(PIECES);
    const wash = of(tags);
    const age = of(AGES);
    const facts: TroubleFacts = {
      ...EMPTY_FACTS,
      // Mould in a mattress is no ordinary request: it is thrown away.
      markIds: [of(known.filter((id) => itemId !== 'mattress' || id !== 'mildew'))],
      age,
      wetness: age === 'minutes' ? 'wet' : 'dry',
      size: 'palm',
      piece: {
        ...EMPTY_PIECE,
        itemId,
        parts: [
          {
            name: 'whole piece',
            fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
          },
        ],
        colour: of(['white', 'pale', 'dark'] as const),
        fastness: 'proven',
        label: wash ? { ...USUAL_TAG, wash } : null,
        code: itemId === 'armchair' ? 'W' : null,
      },
    };
    const plan = planTreatment(facts, household, knowledge);
    return { facts, plan, outcome: outcomeOf(plan) };
  });
}

const USUAL_TAG: CareLabel = { ...BLANK_LABEL, bleach: 'oxygenOnly', tumble: 'low', iron: 'medium' };

/** A piece that is only dabbed has to say whose limit that is: its tag, its fibre, how it is made. */
export function outcomeOf({ passes, envelope, facts }: Plan): OrdinaryOutcome {
  if (passes.length === 0) return 'refused';
  const steps = passes.flatMap((pass) => pass.actions);
  if (steps.some(({ programme, bath }) => (programme !== null && programme !== 'none') || bath !== null))
    return 'washedOrSoaked';
  if (steps.some(({ rinseWay }) => rinseWay === 'change')) return 'spotRinsedThrough';
  const { most, limits } = envelope.wetting;
  const isHeld = most !== 'immersion' && limits.some(({ owner }) => owner.kind !== 'noLabel');
  if (isHeld) return facts.piece.label === null ? 'inPlace' : 'heldByOwner';
  return 'dabbedOnly';
}
