import type { Span } from './findSpans.js';
import type { SpokenProduct } from './readProducts.js';
import type { FoundWord } from './readRest.js';

interface Beside {
  readonly itemId: string | null;
  readonly products: readonly SpokenProduct[];
  readonly people: readonly string[];
  readonly age: FoundWord | null;
  readonly place: FoundWord | null;
}

interface Rule {
  readonly markId: string;
  /** What it is where this holds beside it. */
  readonly isThen: string;
  readonly where: (beside: Beside) => boolean;
}

const WORN_PLACES = new Set(['collar', 'cuff', 'underarm']);

/** Troubles of unknown cause whose cause stands in the same sentence. Common practice, no source. */
const RULES: readonly Rule[] = [
  {
    markId: 'yellowed',
    isThen: 'chlorineYellowed',
    where: ({ products }) =>
      products.some(({ agentId, role }) => role === 'tried' && agentId === 'chlorineBleach'),
  },
  { markId: 'yellowed', isThen: 'sweatYellow', where: ({ place }) => WORN_PLACES.has(place?.value ?? '') },
  { markId: 'yellowed', isThen: 'storageYellow', where: ({ age }) => age?.value === 'months' },
];

/** Each trouble with the cause that is told beside it. */
export const settled = (
  marks: readonly { readonly value: string; readonly span: Span }[],
  beside: Beside,
): readonly { readonly value: string; readonly span: Span }[] =>
  marks.map((mark) => ({
    ...mark,
    value: RULES.find(({ markId, where }) => markId === mark.value && where(beside))?.isThen ?? mark.value,
  }));
