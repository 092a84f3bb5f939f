import {
  type ChangedWash,
  factsOfPiece,
  type HeapPiece,
  MAX_HEAP_LINES,
  type NewHeapLine,
  type Piece,
  PLAIN_LINE,
  type TroubleSummary,
  type WashSettings,
} from '@feverfew/contracts';
import {
  BLANK_LABEL,
  clothKindOf,
  commonMachine,
  DomainError,
  EMPTY_FACTS,
  type HeapEntry,
  type Machine,
  NO_OWN_RATE,
  openOnPiece,
  type PieceFacts,
  PLAIN_USE,
  type TroubleFacts,
  type WashAhead,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownId } from '../catalogue/requireKnown.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { ServerError } from '../problems/serverError.js';
import { TroublesService } from '../troubles/troubles.service.js';
import { RunsInLoads } from './runsInLoads.js';
import { type HeapRow, WashRepository } from './wash.repository.js';

/** A common machine of a common size, until the household says what it has; from memory. */
const COMMON_RATED_G = 8000;
/** A colour that has been through so many washes has shown whether it runs. Common practice, no source. */
const WASHED_OFTEN = 5;

/** A line as the core takes it, with what was taken for granted and what is open on it. */
export interface ReadLine {
  readonly row: HeapRow;
  readonly entry: HeapEntry;
  readonly assumed: HeapPiece['assumed'];
  readonly open: readonly TroubleSummary[];
}

/** Treatments of the pieces in the heap: the progress of each active run, and the facts of each trouble. */
interface Treatments {
  readonly washDue: ReadonlyMap<string, WashAhead>;
  readonly factsOf: ReadonlyMap<string, TroubleFacts>;
}

/** Settings of a household that has entered nothing about its wash. */
const FIRST_SETTINGS: WashSettings = {
  machine: null,
  dryerG: 7000,
  ropeM: 10,
  best: 0,
  arrangement: null,
  leftOut: [],
  ownRate: NO_OWN_RATE,
  weather: { origin: 'madeUp' },
  offsetMin: 0,
};

@Injectable()
export class HeapService {
  constructor(
    @Inject(WashRepository) private readonly repository: WashRepository,
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(RunsInLoads) private readonly runs: RunsInLoads,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async settings(): Promise<WashSettings> {
    return (await this.repository.settings()) ?? FIRST_SETTINGS;
  }

  machineOf({ machine }: WashSettings): Machine {
    return machine ?? commonMachine(COMMON_RATED_G, this.knowledge);
  }

  /** @param changed what changes, or how it follows from what is kept */
  async changeSettings(changed: ChangedWash | ((before: WashSettings) => ChangedWash)): Promise<void> {
    await this.repository.changeSettings(FIRST_SETTINGS, (before) => {
      const given = typeof changed === 'function' ? changed(before) : changed;
      return {
        ...before,
        ...Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)),
      };
    });
    this.feed.tell('wash');
  }

  /** @throws DomainError unknownReference; ServerError shelfFull */
  async add(lines: readonly { readonly id: string; readonly line: NewHeapLine }[]): Promise<void> {
    const known = new Set((await this.pieces.list()).map(({ id }) => id));
    for (const [index, { line }] of lines.entries()) this.requireKnown(line, known, `lines.${index}.line.`);
    const now = this.clock().getTime();
    // One millisecond each keeps the order of entry.
    const rows = lines.map(({ id, line }, index) => ({
      id,
      line,
      createdAt: new Date(now + index),
    }));
    if (!(await this.repository.add(rows, MAX_HEAP_LINES)))
      throw new ServerError('shelfFull', {
        message: `A heap holds ${MAX_HEAP_LINES} lines. Wash some of it first.`,
      });
    this.feed.tell('wash');
  }

  async change(id: string, line: NewHeapLine): Promise<void> {
    const known = new Set((await this.pieces.list()).map((piece) => piece.id));
    this.requireKnown(line, known, '');
    if (!(await this.repository.change(id, line)))
      throw new ServerError('notFound', { message: 'This is not in the heap any more.' });
    this.feed.tell('wash');
  }

  async remove(id: string): Promise<void> {
    await this.repository.remove([id]);
    this.feed.tell('wash');
  }

  private requireKnown(line: NewHeapLine, pieces: ReadonlySet<string>, path: string): void {
    if (line.itemId !== null) requireKnownId(this.knowledge.items, line.itemId, `${path}itemId`);
    if (line.use !== null && line.use !== PLAIN_USE)
      requireKnownId(this.knowledge.hygienes, line.use, `${path}use`);
    if (line.pieceId !== null && !pieces.has(line.pieceId))
      throw new DomainError('unknownReference', {
        message: 'This piece is not in the linen book.',
        path: `${path}pieceId`,
      });
  }

  /** Lines with what the linen book says of them. */
  async read(rows: readonly HeapRow[]): Promise<ReadLine[]> {
    const [pieces, open, running, washDue] = await Promise.all([
      this.pieces.list(),
      this.troubles.list({ status: 'open' }),
      this.troubles.list({ status: 'running' }),
      this.runs.due(),
    ]);
    const byId = new Map(pieces.map((piece) => [piece.id, piece]));
    const inHeap = new Set(rows.flatMap(({ pieceId }) => pieceId ?? []));
    const unsettled = [...open, ...running].filter(({ pieceId }) => inHeap.has(pieceId));
    const factsOf = await this.troubles.factsOf(unsettled.map(({ id }) => id));
    return rows.map((row) => {
      const piece = row.pieceId === null ? undefined : byId.get(row.pieceId);
      const own = unsettled.filter(({ pieceId }) => pieceId === row.pieceId);
      const worn = (piece?.exposure.machineWashes ?? 0) >= WASHED_OFTEN;
      return this.readLine(row, piece, own, worn, { washDue, factsOf });
    });
  }

  /** A piece of the book as it would be in the heap. */
  thought(pieceId: string): HeapRow {
    const row = { id: pieceId, pieceId, line: { ...PLAIN_LINE, pieceId }, createdAt: this.clock() };
    return { ...row, loadId: null, hungAt: null, place: null, rolled: false, dryAt: null };
  }

  private readLine(
    row: HeapRow,
    piece: Piece | undefined,
    open: readonly TroubleSummary[],
    washedOften: boolean,
    { washDue, factsOf }: Treatments,
  ): ReadLine {
    const { line } = row;
    const { facts, assumed } = piece ? ofPiece(piece, washedOften) : this.ofHandful(line);
    const treated = open.filter(({ status }) => status === 'running');
    const due = treated.map(({ id }) => washDue.get(id)?.tempC.max ?? null);
    const troubles = open.flatMap(({ id, status }) => {
      const told = factsOf.get(id);
      return told ? [{ facts: told, atWash: status === 'running' && washDue.has(id) }] : [];
    });
    const onIt = openOnPiece(troubles, facts, this.knowledge);
    return {
      row,
      open,
      assumed: line.massG === null && facts.dryMassG === null ? [...assumed, 'mass'] : assumed,
      entry: {
        id: row.id,
        name: line.name || piece?.name || facts.name,
        facts: onIt.facts,
        count: line.count,
        massG: line.massG,
        soil: line.soil,
        isColourAssumed: assumed.includes('colour'),
        use: line.use,
        solvent: line.solvent === 'none' ? onIt.solvent : line.solvent,
        fuel: line.fuel,
        // A treatment that has come to its wash may join a load; before that it is left alone.
        inTreatment: due.includes(null),
        washDueC: due.length > 0 && !due.includes(null) ? Math.min(...due.map((tempC) => tempC ?? 0)) : null,
        set: line.set,
      },
    };
  }

  /** Like ones of a kind: of its usual fibres, with the tag most of them carry until their own is read. */
  private ofHandful(line: NewHeapLine): { facts: PieceFacts; assumed: HeapPiece['assumed'] } {
    const item = this.knowledge.items.find(({ id }) => id === line.itemId);
    const { usualTag, usualColour } = clothKindOf(line.itemId, this.knowledge);
    const colour = line.colour ?? usualColour;
    const usual = usualTag && {
      ...BLANK_LABEL,
      wash: { kind: 'machine', maxC: usualTag.maxC, bars: usualTag.bars } as const,
      tumble: usualTag.tumble,
      bleach: colour === 'white' ? ('oxygenOnly' as const) : null,
    };
    return {
      assumed: [
        ...(line.label || !usual ? [] : (['tag'] as const)),
        ...(line.colour === null ? (['colour'] as const) : []),
      ],
      facts: {
        ...EMPTY_FACTS.piece,
        itemId: line.itemId,
        name: line.name || (item?.name ?? ''),
        parts: [{ name: item?.partNames[0] ?? 'whole piece', fibres: item?.defaultFibres ?? [] }],
        colour,
        fastness: line.fastness,
        label: line.label ?? usual,
      },
    };
  }
}

function ofPiece(piece: Piece, washedOften: boolean): { facts: PieceFacts; assumed: HeapPiece['assumed'] } {
  const taken = piece.fastness === 'unknown' && washedOften;
  return {
    facts: taken ? { ...factsOfPiece(piece), fastness: 'proven' } : factsOfPiece(piece),
    assumed: taken ? ['fastness'] : [],
  };
}
