import type { Course } from '../../schema/course.js';
import { withVerbs } from './atOnceVerbs.js';
import { does, type Line, leaves, lines, names } from './lines.js';

/** Tells: what is seen, what it means, and the course it leads to where that is another one. */
export const tell = (see: Line, means: string, courseId: string | null = null) => ({
  see: typeof see === 'string' ? names(see) : see,
  means,
  courseId,
});

interface Written {
  readonly id: string;
  readonly name: string;
  readonly markIds: string[];
  readonly alsoMarkIds?: string[];
  readonly itemIds?: string[];
  readonly is: string;
  readonly tells: ReturnType<typeof tell>[];
  readonly cause: string;
  readonly causeAction: readonly Line[];
  readonly garment?: readonly Line[];
  readonly surfaceAtOnce?: readonly Line[];
  readonly donts?: readonly Line[];
  readonly cloths: Course['cloths'];
  readonly never: readonly (readonly [Line, string])[];
  readonly says?: readonly Line[];
  readonly disputes?: Course['disputes'];
  readonly prevent?: readonly Line[];
  readonly confidence?: Course['confidence'];
}

/** A family of troubles as it is written down. Figures are common practice without a source unless one is named. */
export function course(written: Written): Course {
  return {
    id: written.id,
    name: written.name,
    markIds: written.markIds,
    alsoMarkIds: written.alsoMarkIds ?? [],
    itemIds: written.itemIds ?? [],
    verdict: {
      is: written.is,
      tells: written.tells,
      cause: written.cause,
      causeAction: lines(does, written.causeAction),
    },
    atOnce: {
      garment: lines(does, written.garment ?? []).map(withVerbs),
      surface: lines(does, written.surfaceAtOnce ?? []).map(withVerbs),
      donts: lines(leaves, written.donts ?? []),
    },
    cloths: written.cloths,
    never: written.never.map(([what, why]) => ({
      what: typeof what === 'string' ? leaves(what) : what,
      why,
    })),
    says: lines(names, written.says ?? []),
    disputes: written.disputes ?? [],
    prevent: lines(does, written.prevent ?? []),
    confidence: written.confidence ?? 'high',
    sourceIds: ['commonPractice', 'memory'],
  };
}
