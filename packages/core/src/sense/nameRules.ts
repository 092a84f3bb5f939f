import { FIBRE_WORDS, isDenied, PIECE_AS_TOOL, PIECE_WORDS, PRODUCT_WORDS } from '@feverfew/knowledge';
import { type SenseCase, sentencesOf } from './senseCase.js';
import type { SenseFault } from './senseFault.js';
import type { ShownLine } from './shownText.js';

const READ: readonly ShownLine['part'][] = [
  'atOnce',
  'leaveAlone',
  'title',
  'recipe',
  'step',
  'round',
  'know',
  'never',
];
/** A warning may name a product that is not used. */
const WARNINGS: readonly ShownLine['part'][] = ['leaveAlone', 'never'];
/** Sentences about a fibre, a piece or a product that is in neither the facts nor the plan. */
export function findAbsentNames(known: SenseCase): SenseFault[] {
  const products = productsHere(known);
  return known.shown.lines
    .filter(({ part }) => READ.includes(part))
    .flatMap(({ where, part, text }) =>
      sentencesOf(text).map((sentence) => ({ where, part, text: sentence })),
    )
    .filter(
      ({ part, text }) =>
        namesAbsentFibre(text, known) ||
        namesAbsentPiece(text, known) ||
        namesAbsentVessel(text, known) ||
        (!WARNINGS.includes(part) && namesAbsentProduct(text, products)),
    )
    .map(({ where, text }) => ({ kind: 'absentName', where, text }));
}

function namesAbsentFibre(text: string, { fibresTold, fibres }: SenseCase): boolean {
  if (!fibresTold) return false;
  const here = new Set(fibres.map(({ id }) => id));
  return FIBRE_WORDS.some(({ words, fibreIds }) => words.test(text) && !fibreIds.some((id) => here.has(id)));
}

function namesAbsentPiece(text: string, { item, plan }: SenseCase): boolean {
  if (!item || PIECE_AS_TOOL.test(text)) return false;
  const names = [item.name, ...item.aliases, ...item.partNames, plan.facts.piece.name].join(' ');
  return PIECE_WORDS.some(({ words, near }) => words.test(text) && !words.test(names) && !near.test(names));
}

interface ProductsHere {
  readonly chemistries: ReadonlySet<string>;
  readonly names: string;
}

function productsHere({ steps, plan, index }: SenseCase): ProductsHere {
  const tried = plan.facts.tried.flatMap(({ agentId }) => index.agents.get(agentId) ?? []);
  const agents = [...steps.flatMap((step) => step.agents), ...tried];
  return {
    chemistries: new Set(agents.flatMap(({ chemistries }) => chemistries)),
    names: agents.map(({ name }) => name).join(' '),
  };
}

function namesAbsentProduct(text: string, { chemistries, names }: ProductsHere): boolean {
  return PRODUCT_WORDS.some((product) => {
    const at = text.search(product.words);
    if (at < 0 || product.products?.test(names)) return false;
    if (product.chemistries.some((one) => chemistries.has(one))) return false;
    return !isDenied(text, at);
  });
}

const VESSELS = /\b(bucket|basin|bathtub)s?\b/i;

/** A vessel the house does not have, named by its form. A house without known vessels has them all. */
function namesAbsentVessel(text: string, { household: { vessels } }: SenseCase): boolean {
  const word = VESSELS.exec(text)?.[1]?.toLowerCase();
  return (
    word !== undefined &&
    vessels.length > 0 &&
    !vessels.some(({ form, name }) => form === word || name.toLowerCase().includes(word))
  );
}
