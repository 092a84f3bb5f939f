import {
  type Action,
  BLANK_LABEL,
  type CareLabel,
  COLOURS,
  EMPTY_MIX,
  EMPTY_PIECE,
  factsOfPiece,
  type Mix,
  type MixPour,
  type PieceFacts,
  type PieceSummary,
} from '@feverfew/contracts';

type MachineWash = Extract<CareLabel['wash'], { kind: 'machine' }>;

/** What a plan took the piece to be, so that the table holds its mix against the same. */
interface AsPlanned {
  readonly colour?: PieceFacts['colour'];
  /** Of a tag with a machine wash, what a mix is held against. */
  readonly tag?: Pick<MachineWash, 'maxC' | 'bars'> & { readonly bleach: CareLabel['bleach'] };
}
const MACHINE_C: readonly MachineWash['maxC'][] = [30, 40, 50, 60, 70, 95];
const BARS: readonly MachineWash['bars'][] = [0, 1, 2];
const BLEACHES = ['any', 'oxygenOnly', 'never'] as const;

/** What is to go in: nothing, a piece of the linen book, or cloth of these fibres. */
export type OnTable =
  | { readonly kind: 'nothing' }
  | ({ readonly kind: 'piece'; readonly pieceId: string } & AsPlanned)
  | ({ readonly kind: 'fibres'; readonly fibreIds: readonly string[] } & AsPlanned);

/** A mix in the address of the page, so that a reload, a link and back restore it. */
export interface MixDraft extends Omit<Mix, 'on'> {
  readonly on: OnTable;
  /** Lines a person keeps to be judged by. */
  readonly name: string;
}

export const EMPTY_MIX_DRAFT: MixDraft = { ...EMPTY_MIX, on: { kind: 'nothing' }, name: '' };

const number = (text: string | null): number | null => {
  if (text === null || text.trim() === '') return null;
  const value = Number(text);
  return Number.isFinite(value) ? value : null;
};

/** "oxygenBleach*2.5*cap" and, where the strength was entered, "*12" more. */
const pourText = ({ agentId, amount, unit, strengthPct }: MixPour): string =>
  [agentId, amount, unit, ...(strengthPct === null ? [] : [strengthPct])].join('*');

function readPour(text: string): MixPour[] {
  const [agentId = '', amount = '', unit = '', strength] = text.split('*');
  const value = number(amount);
  return agentId && unit && value !== null
    ? [{ agentId, amount: value, unit, strengthPct: number(strength ?? null) }]
    : [];
}

export function draftToSearch({ container, waterML, waterC, pours, on, name }: MixDraft): URLSearchParams {
  const search = new URLSearchParams();
  search.set('in', container.kind === 'vessel' ? `vessel*${container.vesselId}` : container.kind);
  if (waterML > 0) search.set('water', String(waterML));
  if (waterC !== null) search.set('warm', String(waterC));
  for (const pour of pours) search.append('pour', pourText(pour));
  if (on.kind === 'piece') search.set('piece', on.pieceId);
  if (on.kind === 'fibres') for (const id of on.fibreIds) search.append('fibre', id);
  if (on.kind !== 'nothing' && on.colour) search.set('colour', on.colour);
  if (on.kind !== 'nothing' && on.tag)
    search.set('tag', [on.tag.maxC, on.tag.bars, on.tag.bleach ?? ''].join('*'));
  if (name) search.set('name', name);
  return search;
}

/** What does not read is left out: a broken link opens an emptier table, never a wrong one. */
export function searchToDraft(search: URLSearchParams): MixDraft {
  const [kind = '', vesselId = ''] = (search.get('in') ?? '').split('*');
  const pieceId = search.get('piece');
  const fibreIds = search.getAll('fibre');
  return {
    container:
      kind === 'vessel' && vesselId
        ? { kind, vesselId }
        : kind === 'bottle' || kind === 'sprayer'
          ? { kind }
          : { kind: 'cup' },
    waterML: number(search.get('water')) ?? 0,
    waterC: number(search.get('warm')),
    pours: search.getAll('pour').flatMap(readPour).slice(0, 8),
    on: pieceId
      ? { kind: 'piece', pieceId, ...readAsPlanned(search) }
      : fibreIds.length > 0
        ? { kind: 'fibres', fibreIds, ...readAsPlanned(search) }
        : { kind: 'nothing' },
    name: search.get('name') ?? '',
  };
}

function readAsPlanned(search: URLSearchParams): AsPlanned {
  const colour = COLOURS.find((one) => one === search.get('colour'));
  const [degrees, under, triangle] = (search.get('tag') ?? '').split('*');
  const maxC = MACHINE_C.find((one) => String(one) === degrees);
  const bars = BARS.find((one) => String(one) === under);
  const bleach = BLEACHES.find((one) => one === triangle) ?? null;
  // A tag that does not read whole is left out: half of one could allow what the other half forbids.
  const isWhole = maxC !== undefined && bars !== undefined && (bleach !== null || triangle === '');
  return { ...(colour ? { colour } : {}), ...(isWhole ? { tag: { maxC, bars, bleach } } : {}) };
}

/** The mix to be judged; null while its piece is still being read. */
export function draftToMix(
  { on, name: _name, ...mix }: MixDraft,
  pieces: readonly PieceSummary[] | undefined,
): Mix | null {
  if (on.kind === 'nothing') return { ...mix, on: null };
  if (on.kind === 'fibres') return { ...mix, on: asPlanned(clothOf(on.fibreIds), on) };
  if (!pieces) return null;
  const piece = pieces.find((candidate) => candidate.id === on.pieceId);
  return { ...mix, on: piece ? asPlanned(factsOfPiece(piece), on) : null };
}

/** What is not known of the piece, as the plan took it. */
const asPlanned = (piece: PieceFacts, { colour, tag }: AsPlanned): PieceFacts => ({
  ...piece,
  colour: piece.colour === 'unknown' ? (colour ?? 'unknown') : piece.colour,
  label: piece.label ?? (tag ? labelOf(tag) : null),
});

const labelOf = ({ maxC, bars, bleach }: NonNullable<AsPlanned['tag']>): CareLabel => ({
  ...BLANK_LABEL,
  wash: { kind: 'machine', maxC, bars },
  bleach,
});

/** Cloth of these fibres in equal shares, with cautious defaults for the other facts. */
function clothOf(fibreIds: readonly string[]): PieceFacts {
  const share = Math.floor(100 / fibreIds.length);
  const fibres = fibreIds.map((fibreId, index) => ({
    fibreId,
    sharePct: index === 0 ? 100 - share * (fibreIds.length - 1) : share,
  }));
  return { ...EMPTY_PIECE, parts: [{ name: 'whole piece', fibres }] };
}

/** The table filled in from a step of a plan. */
export function draftOfAction(action: Action, on: OnTable, name: string): MixDraft {
  const cut = action.ingredients.reduce((sum, one) => sum + (one.dilution?.waterML ?? 0), 0);
  return {
    container: action.vessel ? { kind: 'vessel', vesselId: action.vessel.id } : { kind: 'cup' },
    waterML: (action.bath ? action.bath.waterL * 1000 : (action.waterML ?? 0)) + cut,
    waterC: action.tempC && action.tempC.target > 25 ? Math.round(action.tempC.target) : null,
    pours: action.ingredients.flatMap((one): MixPour[] => {
      const { agentId, massG, volumeML } = one;
      const strengthPct = one.dilution ? one.strengthPct : null;
      if (agentId === 'water') return [];
      if (massG !== null) return [{ agentId, amount: massG, unit: 'g', strengthPct }];
      return volumeML === null ? [] : [{ agentId, amount: volumeML, unit: 'mL', strengthPct }];
    }),
    on,
    name,
  };
}

/** A piece of the linen book, or cloth of the entered fibres. @param piece as the plan took it */
export function onTableOf(
  pieceId: string | null,
  { parts, colour, label }: Pick<PieceFacts, 'parts' | 'colour' | 'label'>,
): OnTable {
  const planned: AsPlanned = {
    ...(colour === 'unknown' ? {} : { colour }),
    ...(label?.wash?.kind === 'machine'
      ? { tag: { maxC: label.wash.maxC, bars: label.wash.bars, bleach: label.bleach } }
      : {}),
  };
  if (pieceId) return { kind: 'piece', pieceId, ...planned };
  const fibreIds = [...new Set(parts.flatMap((part) => part.fibres.map((fibre) => fibre.fibreId)))];
  return fibreIds.length > 0 ? { kind: 'fibres', fibreIds, ...planned } : { kind: 'nothing' };
}

export const mixAddressOf = (draft: MixDraft): string => `/mix?${draftToSearch(draft)}`;
