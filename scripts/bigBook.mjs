import { randomUUID } from 'node:crypto';

/** A household file, with copies of its finished runs on copies of its pieces until both figures are reached. */
export function grow(file, mostPieces = 500, mostEvents = 10_000) {
  const { pieces, troubles, plans, runs } = file;
  const plan = new Map(plans.map((row) => [row.id, row]));
  const trouble = new Map(troubles.map((row) => [row.id, row]));
  const finished = runs.filter((run) => run.events.at(-1).event.kind === 'finished');
  const book = pieces.map((piece) => [piece]);
  for (let index = 0; pieces.length < mostPieces; index += 1) {
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
  for (let index = 0; events < mostEvents; index += 1) {
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
