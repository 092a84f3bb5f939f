import type { Caution, Deed, Note } from '@feverfew/knowledge';
import { deedsOf } from './doneIn.js';
import { forbiddenDrying } from './handlingRules.js';
import { type CaseRead } from './readCase.js';
import type { Violation } from './violation.js';
import type { Work, WorkList } from './work.js';

/** Every line said, held against what the piece bears, against what is done next to it, and against the other lines. */
export function noteViolations({ work, advice }: WorkList, read: CaseRead): Violation[] {
  const turns = [...new Set(work.map((one) => one.turn))].map((turn) =>
    work.filter((one) => one.turn === turn),
  );
  return [
    ...turns.flatMap((turn) => turnFaults(turn, read)),
    ...adviceFaults(advice, work, read),
    ...deedFaults(work, read),
  ];
}

type Line = { readonly where: string; readonly note: Note | undefined };

const linesOf = (work: readonly Work[], { noteOf }: CaseRead): Line[] =>
  work.flatMap((one) => one.says.map((text) => ({ where: one.where, note: noteOf(text) })));

function turnFaults(turn: readonly Work[], read: CaseRead): Violation[] {
  const lines = linesOf(turn, read);
  const cautions = [
    ...turn.flatMap((one) => one.cautionIds.flatMap((id) => read.cautionOf(id) ?? [])),
    ...read.residues.flatMap((agent) => agent.cautionIds.flatMap((id) => read.cautionOf(id) ?? [])),
    ...read.facts.tried.flatMap(({ agentId }) => {
      const agent = read.agentOf(agentId);
      return agent?.flammable ? agent.cautionIds.flatMap((id) => read.cautionOf(id) ?? []) : [];
    }),
  ];
  const barred = barredBy(lines, cautions);
  const done = new Set(turn.flatMap((one) => [...deedsOf(one, read)]));
  return [
    ...lines.flatMap(({ where, note }): Violation[] => {
      if (!note || note.asks.some((deed) => isForbidden(deed, read)))
        return [{ code: 'noteAgainstLimit', where }];
      return note.asks.some((deed) => barred.has(deed)) || note.bars.some((deed) => done.has(deed))
        ? [{ code: 'noteAgainstAction', where }]
        : [];
    }),
    ...waterFirst(turn, read),
  ];
}

const barredBy = (lines: readonly Line[], cautions: readonly Caution[]): ReadonlySet<Deed> =>
  new Set<Deed>([
    ...lines.flatMap(({ note }) => note?.bars ?? []),
    ...cautions.flatMap((caution) => caution.bars),
  ]);

/** "No water yet" said after the piece has been rinsed. */
function waterFirst(turn: readonly Work[], read: CaseRead): Violation[] {
  return turn.flatMap((one, at) => {
    const keepsDry = one.says.some((text) => read.noteOf(text)?.bars.includes('water'));
    const wetted = turn.slice(0, at).some((earlier) => earlier.kind === 'rinse');
    return keepsDry && wetted ? [{ code: 'noteAgainstAction' as const, where: one.where }] : [];
  });
}

/** What is said of the piece and the trouble, before any work: it holds for all of it. */
function adviceFaults(advice: WorkList['advice'], work: readonly Work[], read: CaseRead): Violation[] {
  const done = new Set(work.flatMap((one) => [...deedsOf(one, read)]));
  const lines = advice.map(({ where, text }) => ({ where, note: read.noteOf(text) }));
  const barred = barredBy(lines, read.cautions);
  const first = work.filter((one) => one.turn === 0);
  const rinsedFirst =
    first.findIndex((one) => one.kind === 'rinse') >= 0 &&
    first.findIndex((one) => one.kind === 'rinse') < first.findIndex((one) => one.kind === 'treat');
  return lines.flatMap(({ where, note }): Violation[] => {
    if (!note || note.asks.some((deed) => isForbidden(deed, read)))
      return [{ code: 'noteAgainstLimit', where }];
    const against =
      note.asks.some((deed) => barred.has(deed)) ||
      note.bars.some((deed) => (deed === 'water' ? rinsedFirst : done.has(deed)));
    return against ? [{ code: 'noteAgainstAction', where }] : [];
  });
}

/** Done though a caution of the piece or the trouble, or its tag, bars it. */
function deedFaults(work: readonly Work[], read: CaseRead): Violation[] {
  const barred = new Set(read.cautions.flatMap((caution) => caution.bars));
  const noIron = read.facts.piece.label?.iron === 'never' || read.never.has('contactHeat');
  const noSteam = ['never', 'low'].includes(read.facts.piece.label?.iron ?? '');
  return work.flatMap((one): Violation[] => {
    const done = deedsOf(one, read);
    const untouched = one.kind === 'firstAid' && one.hand === 'blot' && barred.has('blot');
    if (untouched || [...done].some((deed) => deed !== 'blot' && barred.has(deed)))
      return [{ code: 'barredDeedDone', where: one.where }];
    const byIron = noIron && done.has('iron');
    return byIron || (noSteam && done.has('steam')) ? [{ code: 'againstTag', where: one.where }] : [];
  });
}

const CHEMISTRIES: Partial<Record<Deed, readonly string[]>> = {
  bleach: ['percarbonate'],
  chlorine: ['chlorine'],
  soap: ['soap'],
  soda: ['mildAlkali'],
  acid: ['weakAcid'],
  ammonia: ['ammonia'],
  softener: ['softener'],
};

/** What the piece does not bear, looked up again. */
/** What was put on it before and not washed out must not meet what a line asks for. */
const meetsResidue = (chemistries: readonly string[], { residues, knowledge }: CaseRead): boolean =>
  residues.some((agent) =>
    knowledge.forbiddenPairs.some((pair) =>
      [
        [pair.a, pair.b],
        [pair.b, pair.a],
      ].some(
        ([own, other]) =>
          agent.chemistries.some((one) => one === own) && chemistries.some((one) => one === other),
      ),
    ),
  );

function isForbidden(deed: Deed, read: CaseRead): boolean {
  const { facts, fibres, parts, item, never } = read;
  const { label, condition } = facts.piece;
  const drying = forbiddenDrying(read);
  const gentle = ['none', 'blot', 'press'];
  const only = [
    ...[...fibres, ...parts, ...(item ? [item] : [])].flatMap((one) => one.mostAction ?? []),
    ...(['sound', 'worn', 'irreplaceable'].includes(condition) ? [] : ['press']),
  ];
  const chemistries = CHEMISTRIES[deed];
  if (chemistries)
    return (
      chemistries.every((one) => never.has(one)) ||
      (deed === 'bleach' && label?.bleach === 'never') ||
      meetsResidue(chemistries, read)
    );
  switch (deed) {
    case 'sun':
      return drying.has('sun');
    case 'tumble':
      return drying.has('tumbleLow') || !read.household.hasDryer;
    case 'brush':
      return (
        only.some((most) => gentle.includes(most)) ||
        (read.household.asthma && read.left.some((component) => component.dustHarms))
      );
    case 'rub':
      return only.some((most) => gentle.includes(most));
    case 'wring':
      return (
        ['drip', 'dripFlat'].includes(label?.natural ?? '') || only.some((most) => gentle.includes(most))
      );
    case 'steam':
      return ['never', 'low'].includes(label?.iron ?? '');
    case 'iron':
      return label?.iron === 'never' || never.has('contactHeat');
    case 'solvent':
      return never.has('alcohol') && never.has('hydrocarbon');
    case 'spray':
      return false;
    default:
      return false;
  }
}
