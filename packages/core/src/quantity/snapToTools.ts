import { requireWithin } from '../domainError.js';
import { MEASURE_TOOLS, type MeasureToolId } from './measureTool.js';

export interface ToolCount {
  readonly toolId: MeasureToolId;
  /** In steps of the tool's smallest fraction. */
  readonly count: number;
}

export interface SnappedVolume {
  readonly counts: readonly ToolCount[];
  readonly volumeML: number;
  /** Signed: above zero is more than asked. */
  readonly errorPct: number;
}

/** More than this many of one tool is a miscount waiting to happen. */
const MOST_OF_ONE_TOOL = 8;
/** Small deviations do not earn a second tool. */
const GOOD_ENOUGH_PCT = 3;

/**
 * The closest amount that the tools owned can measure, with at most two of them; fewer tools win when within 3 %.
 * @param volumeML asked volume, 0.1–100 000 mL
 * @param toolIds tools in the house; at least one
 * @returns counts, largest tool first; null when no owned tool comes within a quarter
 * @throws DomainError outOfRange
 */
export function snapToTools(volumeML: number, toolIds: readonly MeasureToolId[]): SnappedVolume | null {
  requireWithin('volumeML', volumeML, 0.1, 100_000);
  const singles = toolIds.flatMap((toolId) => singleCounts(volumeML, toolId));
  const pairs = toolIds.flatMap((large) =>
    wholeCountsBelow(volumeML, large).flatMap((first) =>
      toolIds
        .filter((small) => MEASURE_TOOLS[small].volumeML < MEASURE_TOOLS[large].volumeML)
        .flatMap((small) =>
          singleCounts(volumeML - volumeOf(first), small).map((second) => [first, ...second]),
        ),
    ),
  );
  const best = [...singles, ...pairs]
    .map((counts) => describe(counts, volumeML))
    .sort((a, b) => fuss(a) - fuss(b) || Math.abs(a.errorPct) - Math.abs(b.errorPct))[0];
  return best && Math.abs(best.errorPct) <= 25 ? best : null;
}

function singleCounts(volumeML: number, toolId: MeasureToolId): ToolCount[][] {
  const tool = MEASURE_TOOLS[toolId];
  return tool.fractions.flatMap((fraction) => {
    const count = Math.round(volumeML / (tool.volumeML * fraction)) * fraction;
    const most = toolId === 'jug' ? Number.POSITIVE_INFINITY : MOST_OF_ONE_TOOL;
    return count > 0 && count <= most ? [[{ toolId, count }]] : [];
  });
}

function wholeCountsBelow(volumeML: number, toolId: MeasureToolId): ToolCount[] {
  const count = Math.floor(volumeML / MEASURE_TOOLS[toolId].volumeML);
  return count > 0 && count <= MOST_OF_ONE_TOOL && toolId !== 'jug' ? [{ toolId, count }] : [];
}

const volumeOf = ({ toolId, count }: ToolCount): number => MEASURE_TOOLS[toolId].volumeML * count;

function describe(counts: readonly ToolCount[], askedML: number): SnappedVolume {
  const volumeML = counts.reduce((sum, count) => sum + volumeOf(count), 0);
  return { counts, volumeML, errorPct: (100 * (volumeML - askedML)) / askedML };
}

/** Fewer tools and fewer scoops first, but only among amounts that are close enough. */
function fuss({ counts, errorPct }: SnappedVolume): number {
  const error = Math.max(0, Math.abs(errorPct) - GOOD_ENOUGH_PCT);
  const scoops = counts.reduce((sum, { toolId, count }) => sum + (toolId === 'jug' ? 2 : count), 0);
  return error * 10 + (counts.length - 1) * 3 + scoops;
}
