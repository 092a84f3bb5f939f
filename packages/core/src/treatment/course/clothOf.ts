import type { Cloth, Fibre, Programme } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';

/** A fibre counts for the class of a piece from this share of a part on, %: a trace of stretch makes no synthetic. */
const COUNTS_FROM_PCT = 15;
/** Groups that need the gentle course wherever they stand. */
const TENDER = ['regeneratedCellulose', 'celluloseEster', 'coating', 'metal', 'unknown'];
/** Without a label, what is made for such a wash at most is delicate whatever its fibre. */
const HANDLED: readonly Programme[] = ['hand', 'veryMild'];
const FRAIL = ['antique', 'thinning', 'torn'];

/** Enzymes that take protein out would take it as well: wool, silk, hair, and the feathers of a filling. */
const isProtein = ({ chemistry }: Fibre): boolean =>
  chemistry.some((rule) => rule.chemistry === 'protease' && rule.verdict === 'never');

/**
 * The kind of cloth whose course is taken. The tenderest fibre of any part decides; limits still judge every pass, so
 * a class that is too bold costs a pass and no more.
 */
export function clothOf({ envelope, facts, item, rinsable, index }: PlanContext): Cloth {
  const { piece } = facts;
  if (envelope.wetting.most === 'dry') return 'dryOnly';
  if (item.surfaceOnly) return 'surface';
  if (piece.label?.wash?.kind === 'never') return 'dryOnly';
  if (!rinsable) return 'surface';
  const fibres = piece.parts.flatMap((part) => part.fibres);
  const groups = fibres.flatMap(({ fibreId, sharePct }) => {
    const fibre = index.fibres.get(fibreId);
    const group = fibre && isProtein(fibre) ? 'animalProtein' : (fibre?.group ?? 'unknown');
    return sharePct >= COUNTS_FROM_PCT || group === 'animalProtein' ? [{ group, sharePct }] : [];
  });
  const has = (...some: string[]) => groups.some(({ group }) => some.includes(group));
  if (has('animalProtein')) return 'protein';
  const bleeds = piece.fastness === 'failed' && piece.colour !== 'white';
  const handled = piece.label === null && HANDLED.includes(item.mostProgramme);
  if (bleeds || handled || fibres.length === 0 || has(...TENDER) || FRAIL.includes(piece.condition))
    return 'delicate';
  const synthetic = groups.reduce(
    (sum, { group, sharePct }) => sum + (group === 'synthetic' ? sharePct : 0),
    0,
  );
  const all = groups.reduce((sum, { sharePct }) => sum + sharePct, 0);
  if (synthetic > all / 2) return 'synthetic';
  return piece.colour === 'white' ? 'white' : 'coloured';
}
