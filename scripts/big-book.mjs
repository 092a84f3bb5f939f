import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, requireNode20 } from './setUp.mjs';

/**
 * A book of 500 pieces and 10 000 events made of the demo's own, and how long Today, the linen book and a plan
 * take in it.
 * npm run big-book -- [--stay]: keeps the server up to look at.
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const PORT = 4898;
const BASE = `http://127.0.0.1:${PORT}`;
const PIECES = 500;
const EVENTS = 10_000;
const ASKED = 40;
const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-big-'));
const server = startServer({ port: PORT, dataDir, template });
const json = (...asked) => ask(BASE, ...asked);

try {
  await untilUp(BASE);
  const file = await json('/household/file');
  const big = grow(file);
  const size = JSON.stringify(big).length;
  const from = performance.now();
  await json('/household/file', 'PUT', big);
  console.log(
    `read in: ${(size / 1e6).toFixed(1)} MB in ${((performance.now() - from) / 1000).toFixed(1)} s`,
  );
  const out = performance.now();
  const again = await fetch(`${BASE}/api/household/file`).then((response) => response.text());
  console.log(
    `written out: ${((performance.now() - out) / 1000).toFixed(1)} s, ${(again.length / 1e6).toFixed(1)} MB`,
  );
  const facts = big.troubles[0].facts;
  await time('Today', () => json('/today'));
  await time('Linen book', () => json('/pieces'));
  await time('one piece', () => json(`/pieces/${big.pieces[0].id}`));
  await time('What works', () => json('/what-works'));
  await time('plan preview', () => json('/plans/preview', 'POST', facts));
  if (process.argv.includes('--stay')) {
    console.log(`${BASE} stays up; Ctrl-C ends it.`);
    await new Promise(() => undefined);
  }
} finally {
  server.kill('SIGKILL');
  rmSync(dataDir, { recursive: true, force: true });
}

/** Copies of the demo's finished runs on copies of its pieces, until both figures are reached. */
function grow(file) {
  const { pieces, troubles, plans, runs } = file;
  const plan = new Map(plans.map((row) => [row.id, row]));
  const trouble = new Map(troubles.map((row) => [row.id, row]));
  const finished = runs.filter((run) => run.events.at(-1).event.kind === 'finished');
  const book = pieces.map((piece) => [piece]);
  for (let index = 0; pieces.length < PIECES; index += 1) {
    const of = index % book.length;
    const first = book[of][0];
    const copy = {
      ...first,
      id: randomUUID(),
      facts: { ...first.facts, name: `${first.facts.name} ${book[of].length + 1}` },
    };
    book[of].push(copy);
    pieces.push(copy);
  }
  const copiesOf = new Map(book.map((copies) => [copies[0].id, copies]));
  let events = runs.reduce((sum, run) => sum + run.events.length, 0);
  for (let index = 0; events < EVENTS; index += 1) {
    const run = finished[index % finished.length];
    const its = plan.get(run.planId);
    const from = trouble.get(its.troubleId);
    const copies = copiesOf.get(from.pieceId);
    const troubleId = randomUUID();
    const planId = randomUUID();
    troubles.push({ ...from, id: troubleId, pieceId: copies[index % copies.length].id });
    plans.push({ ...its, id: planId, troubleId });
    runs.push({
      ...run,
      id: randomUUID(),
      planId,
      events: run.events.map((row) => ({ ...row, id: randomUUID(), key: randomUUID() })),
    });
    events += run.events.length;
  }
  console.log(`${pieces.length} pieces, ${troubles.length} troubles, ${runs.length} runs, ${events} events`);
  return file;
}

async function time(name, once) {
  await once();
  const waits = [];
  for (let index = 0; index < ASKED; index += 1) {
    const from = performance.now();
    await once();
    waits.push(performance.now() - from);
  }
  waits.sort((a, b) => a - b);
  const ms = (share) => waits[Math.min(ASKED - 1, Math.floor(ASKED * share))].toFixed(1);
  console.log(`${name}: median ${ms(0.5)} ms, 90 % ${ms(0.9)} ms, worst ${ms(1)} ms`);
}
