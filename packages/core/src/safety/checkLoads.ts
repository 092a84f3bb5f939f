import type { Knowledge } from '@feverfew/knowledge';
import type { HeapEntry } from '../load/heapEntry.js';
import type { Machine } from '../load/machine.js';

/** A load as it would be washed: lines of the heap with how many of each are in it, and what it is set to. */
export interface ToldLoad {
  readonly members: readonly { readonly entry: HeapEntry; readonly count: number }[];
  readonly programmeId: string;
  readonly tempC: number;
  readonly spinRpm: number;
  readonly oxygen: boolean;
  readonly softener: boolean;
}

const GENTLE = ['woollens', 'delicate'];
const PALE = ['white', 'natural'];
const DEEP = ['mid', 'dark', 'multicoloured', 'unknown'];

/**
 * Faults of a load, read from the entered facts and the bare knowledge by other ways than the sorter's: one line
 * each, none where it is sound.
 */
export function checkLoad(load: ToldLoad, machine: Machine, knowledge: Knowledge): string[] {
  const kindOf = ({ facts }: HeapEntry) =>
    knowledge.clothKinds.find(({ itemIds }) => itemIds.some((id) => id === facts.piece.itemId)) ??
    knowledge.clothKinds.find(({ isRest }) => isRest);
  const useOf = (entry: HeapEntry) => {
    const id = entry.use === null ? kindOf(entry)?.hygieneId : entry.use;
    return knowledge.hygienes.find((hygiene) => hygiene.id === id);
  };
  const itemOf = ({ facts }: HeapEntry) => knowledge.items.find(({ id }) => id === facts.piece.itemId);
  const fibresOf = ({ facts }: HeapEntry) =>
    facts.piece.parts.flatMap(({ fibres }) =>
      fibres.flatMap(({ fibreId }) => knowledge.fibres.find(({ id }) => id === fibreId) ?? []),
    );
  const faults: string[] = [];
  const fault = (text: string) => faults.push(text);
  const programme = machine.programmes.find(({ id }) => id === load.programmeId);
  const entries = load.members.map(({ entry }) => entry);
  let massG = 0;
  let litres = 0;
  for (const { entry, count } of load.members) {
    const { piece } = entry.facts;
    const tag = piece.label?.wash;
    const share = count / entry.count;
    const own = (entry.massG ?? (piece.dryMassG ?? itemOf(entry)?.dryMassG ?? 300) * entry.count) * share;
    massG += own;
    litres += (own / 1000) * (kindOf(entry)?.litresPerKg ?? 0);
    if (entry.fuel || entry.solvent === 'smells' || entry.inTreatment) fault(`${entry.name}: not for a drum`);
    if (tag?.kind === 'never' || tag?.kind === 'hand') fault(`${entry.name}: the tag has no machine wash`);
    if (tag?.kind === 'machine' && load.tempC > tag.maxC) fault(`${entry.name}: hotter than its tag`);
    if (tag?.kind === 'machine' && tag.bars === 2 && !GENTLE.includes(load.programmeId))
      fault(`${entry.name}: two bars under its tub`);
    for (const fibre of fibresOf(entry)) {
      const { white, coloured, unlabelledWhite, unlabelledColoured } = fibre.bathTempC;
      const isWhite = piece.colour === 'white';
      const bare = isWhite ? unlabelledWhite : unlabelledColoured;
      // A tag may lift a fibre's own figure, as far as a household bath goes.
      const most =
        tag?.kind === 'machine' ? Math.max(isWhite ? white : coloured, Math.min(60, tag.maxC)) : bare;
      if (load.tempC > most) fault(`${entry.name}: hotter than ${fibre.name} bears`);
      if (fibre.felts && load.programmeId !== 'woollens') fault(`${entry.name}: would felt`);
      if (fibre.felts && entries.some((other) => fibresOf(other).every(({ felts }) => !felts)))
        fault(`${entry.name}: wool with other things`);
    }
    if (piece.label?.bleach === 'never' && load.oxygen) fault(`${entry.name}: oxygen against its tag`);
    if (piece.colour !== 'white' && piece.fastness !== 'proven' && load.oxygen)
      fault(`${entry.name}: oxygen on a colour that was not tested`);
    if (load.softener && kindOf(entry)?.noSoftener) fault(`${entry.name}: softener spoils it`);
    const spin = kindOf(entry)?.mostSpinRpm;
    if (spin && load.spinRpm > spin) fault(`${entry.name}: spun too fast`);
    const use = useOf(entry);
    if (use && entries.length > 1 && load.tempC < use.floorC && entries.some((other) => useOf(other) !== use))
      fault(`${entry.name}: too cool for ${use.name}, in company`);
    if (use?.ownLoad && entries.some((other) => useOf(other)?.id !== use.id))
      fault(`${entry.name}: ${use.name} with other things`);
    faults.push(...historyFaults(entry, entries.length > 1, load, knowledge));
    if (entry.solvent === 'aired' && entries.length > 1) fault(`${entry.name}: solvent was on it, not alone`);
    for (const other of entries) {
      if (other === entry) continue;
      const theirs = other.facts.piece;
      const pale = PALE.includes(theirs.colour);
      if (piece.fastness === 'failed' && !PALE.includes(piece.colour) && theirs.fastness !== 'failed')
        fault(`${entry.name} runs, with ${other.name}`);
      if (DEEP.includes(piece.colour) && pale) fault(`${entry.name} greys ${other.name}`);
      if (piece.colour === 'dark' && theirs.colour === 'pale') fault(`${entry.name} dulls ${other.name}`);
      if (piece.colour === 'pale' && piece.fastness === 'unknown' && pale)
        fault(`${entry.name}: not tested, with ${other.name}`);
      const giver = kindOf(entry)?.lint === 'gives';
      const taker =
        theirs.colour === 'dark' &&
        (kindOf(other)?.lint === 'takesWhenDark' ||
          (kindOf(other)?.lint !== 'gives' &&
            fibresOf(other).length > 0 &&
            fibresOf(other).every(({ group }) => group === 'synthetic')));
      if (giver && taker) fault(`${entry.name} sheds on ${other.name}`);
    }
  }
  if (!programme) fault(`no such programme: ${load.programmeId}`);
  else {
    if (massG > programme.capacityG + 0.01) fault(`${Math.round(massG)} g, it holds ${programme.capacityG}`);
    if (litres > machine.drumL + 0.01) fault('fuller than the drum');
    if (!programme.tempsC.includes(load.tempC)) fault(`${load.tempC} °C is no setting of it`);
    if (load.spinRpm > programme.spinRpm) fault('a faster spin than the programme has');
  }
  return faults;
}

/** Products that hurt a person or react in a drum until they are washed out. */
const REACTS = ['chlorine', 'poolChlorine', 'ammonia', 'reducer', 'oxalicAcid', 'undeclared'];
/** What the open troubles of a piece, and the products put on it, say to a drum. */
function historyFaults(
  { name, facts, solvent }: HeapEntry,
  inCompany: boolean,
  { oxygen }: ToldLoad,
  { agents, marks, components, keptFromDrum }: Knowledge,
): string[] {
  const isKept = (how: 'stays' | 'alone') =>
    keptFromDrum.some((rule) => rule.how === how && rule.markIds.some((id) => facts.markIds.includes(id)));
  const hasVapour = (markId: string) =>
    marks
      .find(({ id }) => id === markId)
      ?.components.some(({ componentId }) => components.find(({ id }) => id === componentId)?.vapourBurns);
  const left = facts.tried
    .filter(({ washedOut }) => washedOut !== 'yes')
    .flatMap(({ agentId }) => agents.find(({ id }) => id === agentId) ?? []);
  const told = facts.markIds.flatMap((markId) => marks.find(({ id }) => id === markId) ?? []);
  const chlorine = left.some(({ chemistries }) => chemistries.some((one) => one.endsWith('hlorine')));
  const at = (is: boolean, text: string): string[] => (is ? [`${name}: ${text}`] : []);
  return [
    ...at(
      isKept('stays') || told.some(({ fuel }) => fuel) || facts.markIds.some(hasVapour),
      'what burns is in it',
    ),
    ...at(left.some(({ flammable }) => flammable) && solvent !== 'aired', 'a solvent is in it'),
    ...at(left.some(({ flammable }) => flammable) && inCompany, 'a solvent was on it, not alone'),
    ...at(
      left.some(({ chemistries }) => chemistries.some((one) => REACTS.includes(one))),
      'a product that reacts is on it',
    ),
    ...at(isKept('alone') && inCompany, 'it spreads, not alone'),
    ...at(chlorine && oxygen, 'oxygen on chlorine'),
  ];
}
