import { CHEMISTRY_WORDS, type Envelope, type Lexicon, type Limit, ownerWords } from '@feverfew/contracts';
import { CHEMISTRY_ORDER } from './chemistryOrder';

/** Limits that share a value on a strip: one flag. */
export interface Flag {
  readonly value: number;
  readonly owners: readonly string[];
  readonly sourceIds: readonly string[];
  readonly winning: boolean;
}

export function tempFlags(envelope: Envelope, say: Lexicon): Flag[] {
  return flagsOf(envelope.tempC.limits, (limit) => limit.maxC, envelope.tempC.max, say);
}

export function pHFlags(envelope: Envelope, end: 'min' | 'max', say: Lexicon): Flag[] {
  return flagsOf(envelope.pH.limits, (limit) => limit[end], envelope.pH[end], say).filter(
    (flag) => flag.winning,
  );
}

function flagsOf<L extends Limit>(
  limits: readonly L[],
  valueAt: (limit: L) => number,
  winner: number,
  say: Lexicon,
): Flag[] {
  const values = [...new Set(limits.map(valueAt))].sort((a, b) => a - b);
  return values.map((value) => {
    const here = limits.filter((limit) => valueAt(limit) === value);
    return {
      value,
      owners: unique(here.map((limit) => ownerWords(limit.owner, say))),
      sourceIds: unique(here.flatMap((limit) => limit.sourceIds)),
      winning: value === winner,
    };
  });
}

export interface Steps {
  readonly id: string;
  readonly allowed: boolean;
}

/** Which of an ordered set of modes the envelope still holds. */
export const upTo = (order: readonly string[], most: string): Steps[] =>
  order.map((id, index) => ({ id, allowed: index <= order.indexOf(most) }));

export interface ChemistryGroup {
  readonly owner: string;
  readonly names: readonly string[];
  readonly sourceIds: readonly string[];
}

export interface ChemistryView {
  readonly allowed: readonly string[];
  readonly test: readonly ChemistryGroup[];
  readonly limited: readonly ChemistryGroup[];
  readonly never: readonly ChemistryGroup[];
}

/** Chemistry in four answers, the forbidden ones grouped by the fact that forbids them. */
export function chemistryView(envelope: Envelope, say: Lexicon): ChemistryView {
  const shown = CHEMISTRY_ORDER.flatMap((chemistry) =>
    envelope.chemistry.filter((window) => window.chemistry === chemistry),
  );
  const group = (verdict: 'test' | 'limited' | 'never'): ChemistryGroup[] => {
    const owners = new Map<string, { names: string[]; sourceIds: string[] }>();
    for (const window of shown.filter((candidate) => candidate.verdict === verdict)) {
      const limit = window.limits[0];
      if (!limit) continue;
      const owner = ownerWords(limit.owner, say);
      const entry = owners.get(owner) ?? { names: [], sourceIds: [] };
      entry.names.push(CHEMISTRY_WORDS[window.chemistry]);
      entry.sourceIds.push(...limit.sourceIds);
      owners.set(owner, entry);
    }
    return [...owners].map(([owner, { names, sourceIds }]) => ({
      owner,
      names,
      sourceIds: unique(sourceIds),
    }));
  };
  return {
    allowed: shown
      .filter((window) => window.verdict === 'allowed')
      .map((window) => CHEMISTRY_WORDS[window.chemistry]),
    test: group('test'),
    limited: group('limited'),
    never: group('never'),
  };
}

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];
