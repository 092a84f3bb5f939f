import type { Cloth, Programme } from '@feverfew/knowledge';
import { COUNTS_FROM_PCT, isProteinFibre, TENDER_GROUPS } from '../../textile/tenderFibres.js';
import type { PlanContext } from '../case/planContext.js';

/** Polyester with so much cotton in it, and a tag that lets it be washed so warm, is treated as cotton. */
const COTTON = ['cellulose', 'bastLeaf'];
const COTTON_SHARE = 0.2;
const COTTON_FROM_C = 40;
/** Without a label, what is made for such a wash at most is delicate whatever its fibre. */
const HANDLED: readonly Programme[] = ['hand', 'veryMild'];
const FRAIL = ['antique', 'thinning', 'torn'];

/**
 * The kind of cloth whose course is taken. The tenderest fibre of any part decides; limits still judge every pass, so
 * a class that is too bold costs a pass and no more.
 */
export function clothOf({ envelope, facts, item, rinsable, index }: PlanContext): Cloth {
  const { piece } = facts;
  if (envelope.wetting.most === 'dry') return 'dryOnly';
  // A tie or a hat whose tag bars water is no seat: its cloth rings.
  const kept = piece.label?.wash?.kind === 'never';
  if (kept && !(item.surfaceOnly && (item.coded || item.icon === 'floor'))) return 'dryOnly';
  if (item.surfaceOnly) return 'surface';
  if (!rinsable) return 'surface';
  const fibres = piece.parts.flatMap((part) => part.fibres);
  const groups = fibres.flatMap(({ fibreId, sharePct }) => {
    const fibre = index.fibres.get(fibreId);
    const group = fibre && isProteinFibre(fibre) ? 'animalProtein' : (fibre?.group ?? 'unknown');
    return sharePct >= COUNTS_FROM_PCT || group === 'animalProtein' ? [{ group, sharePct }] : [];
  });
  const has = (...some: string[]) => groups.some(({ group }) => some.includes(group));
  if (has('animalProtein')) return 'protein';
  const bleeds = piece.fastness === 'failed' && piece.colour !== 'white';
  const handled = piece.label === null && HANDLED.includes(item.mostProgramme);
  if (bleeds || handled || fibres.length === 0 || has(...TENDER_GROUPS) || FRAIL.includes(piece.condition))
    return 'delicate';
  const synthetic = groups.reduce(
    (sum, { group, sharePct }) => sum + (group === 'synthetic' ? sharePct : 0),
    0,
  );
  const all = groups.reduce((sum, { sharePct }) => sum + sharePct, 0);
  const cotton = groups.reduce(
    (sum, { group, sharePct }) => sum + (COTTON.includes(group) ? sharePct : 0),
    0,
  );
  const wash = piece.label?.wash;
  const asCotton = wash?.kind === 'machine' && wash.maxC >= COTTON_FROM_C && cotton >= all * COTTON_SHARE;
  if (synthetic > all / 2 && !asCotton) return 'synthetic';
  return piece.colour === 'white' ? 'white' : 'coloured';
}
