import { requireWithin } from '../quantity/domainError.js';
import type { MeasureTool } from './measureTool.js';

export interface ToolCount {
  readonly toolId: string;
  /** What the household calls it; null for the common measures. */
  readonly name: string | null;
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
const MAX_OF_ONE_TOOL = 8;
/** Small deviations do not earn a second tool. */
const GOOD_ENOUGH_PCT = 3;

/**
 * The closest amount that the tools owned can measure, with at most two of them; fewer tools win when within 3 %.
 * @param volumeML asked volume, 0.1–100 000 mL
 * @param tools measures in the house; at least one
 * @returns counts, largest tool first; null when no owned tool comes within a quarter
 * @throws DomainError outOfRange
 */
export function snapToTools(volumeML: number, tools: readonly MeasureTool[]): SnappedVolume | null {
  requireWithin('volumeML', volumeML, 0.1, 100_000);
  const singles = tools.flatMap((tool) => singleCounts(volumeML, tool));
  const pairs = tools.flatMap((large) =>
    wholeCountBelow(volumeML, large).flatMap((first) =>
      tools
        .filter((small) => small.volumeML < large.volumeML)
        .flatMap((small) =>
          singleCounts(volumeML - first.tool.volumeML * first.count, small).map((second) => [
            first,
            ...second,
          ]),
        ),
    ),
  );
  let best: SnappedVolume | null = null;
  for (const counted of [...singles, ...pairs]) {
    const made = describe(counted, volumeML);
    if (best === null || isBetter(made, best)) best = made;
  }
  return best && Math.abs(best.errorPct) <= 25 ? best : null;
}

interface Counted {
  readonly tool: MeasureTool;
  readonly count: number;
}

function singleCounts(volumeML: number, tool: MeasureTool): Counted[][] {
  return tool.fractions.flatMap((fraction) => {
    const count = Math.round(volumeML / (tool.volumeML * fraction)) * fraction;
    const most = tool.id === 'jug' ? Number.POSITIVE_INFINITY : MAX_OF_ONE_TOOL;
    return count > 0 && count <= most ? [[{ tool, count }]] : [];
  });
}

function wholeCountBelow(volumeML: number, tool: MeasureTool): Counted[] {
  const count = Math.floor(volumeML / tool.volumeML);
  return count > 0 && count <= MAX_OF_ONE_TOOL && tool.id !== 'jug' ? [{ tool, count }] : [];
}

function describe(counted: readonly Counted[], askedML: number): SnappedVolume {
  const volumeML = counted.reduce((sum, { tool, count }) => sum + tool.volumeML * count, 0);
  return {
    counts: counted.map(({ tool, count }) => ({ toolId: tool.id, name: tool.name, count })),
    volumeML,
    errorPct: (100 * (volumeML - askedML)) / askedML,
  };
}

function isBetter(one: SnappedVolume, other: SnappedVolume): boolean {
  const difference = fuss(one) - fuss(other);
  return difference < 0 || (difference === 0 && Math.abs(one.errorPct) < Math.abs(other.errorPct));
}

/** Fewer tools and fewer scoops first, but only among amounts that are close enough. */
function fuss({ counts, errorPct }: SnappedVolume): number {
  const error = Math.max(0, Math.abs(errorPct) - GOOD_ENOUGH_PCT);
  const scoops = counts.reduce((sum, { toolId, count }) => sum + (toolId === 'jug' ? 2 : count), 0);
  return error * 10 + (counts.length - 1) * 3 + scoops;
}
