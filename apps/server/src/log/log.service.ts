import { cutText, type LogFile, type LogRead, UseCaseShape } from '@feverfew/contracts';
import { mainComponentOf } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { InvalidInput } from '../problems/invalidInput.js';
import { LogRepository } from './log.repository.js';
import { readLog, useOfLine, writeLog } from './logCsv.js';

@Injectable()
export class LogService {
  constructor(
    @Inject(LogRepository) private readonly repository: LogRepository,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async write(): Promise<string> {
    const uses = await this.repository.list();
    return writeLog(
      uses.map(({ use, pieceName, note }) => ({
        id: use.id,
        date: use.at,
        piece: pieceName,
        mark: use.markId,
        method: use.methodId,
        fibres: use.fibres,
        age: use.age,
        rounds: String(use.rounds),
        leftPct: String(use.seenPct ?? use.leftPct),
        minutes: String(use.minutes ?? ''),
        tempC: String(use.tempC ?? ''),
        note,
      })),
    );
  }

  /** Adds what is not in the log yet, all or nothing. @throws InvalidInput with every line at fault */
  async read({ csv }: LogFile): Promise<LogRead> {
    const { lines, faults } = readLog(csv);
    if (faults.length > 0) throw refused(faults);
    const known = {
      methods: new Set(this.knowledge.methods.map((method) => method.id)),
      marks: new Map(
        this.knowledge.marks.map((mark) => [mark.id, mainComponentOf(mark.id, this.knowledge) ?? '']),
      ),
      fibres: new Set(['unknown', ...this.knowledge.fibres.map((fibre) => fibre.group)]),
    };
    const pieces = await this.repository.piecesByName();
    const inLog = new Set((await this.repository.list()).map(({ use }) => use.id));
    const rows: Parameters<LogRepository['insertAll']>[0][number][] = [];
    for (const [index, line] of lines.entries()) {
      const use = useOfLine(line, known, this.clock().getTime());
      const pieceId = pieces.get(line.piece.toLocaleLowerCase('en'));
      if (typeof use === 'string') faults.push({ line: index + 2, message: use });
      else if (!pieceId)
        faults.push({ line: index + 2, message: `There is no piece “${line.piece}” in your linen.` });
      else if (!UseCaseShape.safeParse(use).success)
        faults.push({ line: index + 2, message: 'The id or the date of this line cannot be kept.' });
      else if (!inLog.has(use.id)) {
        inLog.add(use.id);
        rows.push({ id: use.id, at: new Date(use.at), pieceId, use, note: cutText(line.note, 2000) });
      }
    }
    if (faults.length > 0) throw refused(faults);
    await this.repository.insertAll(rows);
    this.feed.tell('book');
    return { added: rows.length, known: lines.length - rows.length };
  }
}

const refused = (faults: readonly { line: number; message: string }[]): InvalidInput =>
  new InvalidInput(faults.map(({ line, message }) => ({ path: ['line', String(line)], message })));
