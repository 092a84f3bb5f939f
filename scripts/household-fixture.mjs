import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * Writes the demo household, with one run more in each state a run can be in, as a household file of today's version:
 * what the next version must still be able to read. npm run household-fixture -- FILE
 */
requireNode20();
ensureInstalled();
const file = process.argv[2];
if (!file) {
  console.error('Name the file to write, such as apps/server/src/test/fixtures/household-v2.json');
  process.exit(2);
}
const template = await ensureBuilt();
const PORT = 4898;
const BASE = `http://127.0.0.1:${PORT}`;
const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-fixture-'));
const clockFile = join(dataDir, 'ahead');
let ahead = 0;
writeFileSync(clockFile, '0');
const server = startServer({ port: PORT, dataDir: join(dataDir, 'data'), template, clockFile });
/** The smallest JPEG there is: one grey point. */
const POINT =
  `/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP${'/'.repeat(86)}wAALCAABAAEBAREA` +
  '/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AR//Z';

try {
  await untilUp(BASE);
  const { waiting } = await ask(BASE, '/today');
  const troubles = [];
  for (const { id } of waiting) {
    const { pieceId, facts, planId } = await ask(BASE, `/troubles/${id}`);
    const plan = await ask(BASE, `/plans/${planId}`);
    troubles.push({ pieceId, facts, passes: plan.passes });
  }
  const [{ id: mixId, mix }] = (await ask(BASE, '/mixes')).filter(({ mix: { pours } }) =>
    pours.every((pour) => pour.agentId === 'oxygenBleach'),
  );

  const dwells = (pass) => pass.actions.some((step) => step.dwell);
  const waits = (pass) =>
    pass.actions.some(({ dwell }) => dwell && dwell.keep !== 'wet' && dwell.maxMin > dwell.minMin);
  const repeats = (pass, at, passes) => dwells(pass) && pass.maxRounds > 1 && at + 1 < passes.length;
  const asMixed = (pass) =>
    pass.actions.some(
      ({ kind, ingredients }) =>
        kind === 'mix' &&
        ingredients.length === mix.pours.length &&
        ingredients.every((one) => one.agentId === mix.pours[0].agentId),
    );
  /** A new trouble, with its run on the first pass of its kind that is fit. */
  const begin = async (fits = repeats) => {
    const { pieceId, facts } = troubles.find((trouble) => trouble.passes.some(fits));
    const { planId } = await ask(BASE, '/troubles', 'POST', { pieceId, facts });
    const plan = await ask(BASE, `/plans/${planId}`);
    const passIndex = plan.passes.findIndex((pass, at) => fits(pass, at, plan.passes));
    return ask(BASE, '/runs', 'POST', { key: randomUUID(), planId, passIndex });
  };
  const say = (run, event) => ask(BASE, `/runs/${run.id}/events`, 'POST', { key: randomUUID(), event });
  const stepOf = ({ plan, state }) =>
    plan.passes[state.passIndex].actions[state.actionIndex] ?? plan.passes[state.passIndex].rinseOut;
  const pass = (minutes) => {
    ahead += minutes;
    writeFileSync(clockFile, String(ahead));
  };
  /** Works on, clocks waited out, until the run stands at a step of this kind. */
  const workUntil = async (run, kind) => {
    let current = run;
    while (stepOf(current).kind !== kind) {
      const { id: actionId, dwell, kind: now } = stepOf(current);
      if (now === 'hiddenTest') {
        current = await say(current, { kind: 'tested', actionId, passed: true });
        continue;
      }
      if (now === 'look') {
        current = await say(await look(current, 'moving', 50), { kind: 'decided', choice: 'continue' });
        continue;
      }
      if (dwell) {
        current = await say(current, { kind: 'timerStarted', actionId });
        pass(dwell.minMin);
      }
      current = await say(current, { kind: 'actionDone', actionId });
    }
    return current;
  };
  const look = (run, answer, leftPct, signIds = []) => say(run, { kind: 'looked', answer, leftPct, signIds });

  await begin();
  await workUntil(await begin(), 'mix');
  const soaking = async () => {
    const run = await workUntil(await begin(waits), 'dwell');
    return say(run, { kind: 'timerStarted', actionId: stepOf(run).id });
  };
  await say(await soaking(), { kind: 'paused' });
  await say(await say(await say(await soaking(), { kind: 'paused' }), { kind: 'resumed' }), {
    kind: 'extended',
    minutes: 10,
  });
  await say(await look(await soaking(), 'moving', 50), { kind: 'decided', choice: 'wait' });
  await look(await workUntil(await begin(), 'look'), 'moving', 50);
  await look(await workUntil(await begin(), 'look'), 'unsure', null);
  const atLook = async (answer, leftPct, choice) =>
    say(await look(await workUntil(await begin(), 'look'), answer, leftPct), { kind: 'decided', choice });
  await atLook('moving', 50, 'repeat');
  const goesOn = (_rung, at, passes) => at === 0 && passes.some(({ passId }) => passId === 'r2p1');
  await say(await look(await workUntil(await begin(goesOn), 'finalLook'), 'stalled', 95), {
    kind: 'decided',
    choice: 'nextPass',
  });
  await say(await look(await workUntil(await begin(), 'look'), 'wrong', null, ['dyeOnCloth']), {
    kind: 'decided',
    choice: 'stop',
  });
  const finalLook = async () => workUntil(await atLook('gone', 0, 'continue'), 'finalLook');
  await finalLook();
  await look(await finalLook(), 'gone', 0);
  await say(await workUntil(await atLook('gone', 0, 'continue'), 'dry'), {
    kind: 'heatAllowed',
    reason: 'The dryer runs at 30 °C.',
  });
  const mixing = await workUntil(await begin(asMixed), 'mix');
  await say(mixing, { kind: 'mixUsed', actionId: stepOf(mixing).id, mixId });
  const pictured = await begin();
  await ask(BASE, `/runs/${pictured.id}/photos`, 'POST', { key: randomUUID(), jpeg: POINT });
  await say(await say(await begin(), { kind: 'noted', text: 'Old mark, moth beside it.' }), {
    kind: 'undone',
  });
  const outcomes = ['gone', 'better', 'mended', 'demoted', 'unchanged', 'worse', 'professional'];
  for (const outcome of [...outcomes, 'retired', 'abandoned'])
    await say(
      await look(await finalLook(), outcome === 'gone' ? 'gone' : 'stalled', outcome === 'gone' ? 0 : 60),
      {
        kind: 'finished',
        outcome,
        note: `Ended as ${outcome}.`,
      },
    );

  const testing = await workUntil(
    await begin((pass) => pass.actions.some(({ kind }) => kind === 'hiddenTest')),
    'hiddenTest',
  );
  await say(testing, { kind: 'tested', actionId: stepOf(testing).id, passed: false });
  const left = await begin();
  await say(left, { kind: 'skipped', actionId: stepOf(left).id });
  await say(await say(left, { kind: 'undone' }), { kind: 'redone' });
  const [{ facts: sofa }] = troubles.filter(({ facts }) => facts.markIds.includes('ale'));
  const several = await ask(BASE, '/troubles/start', 'POST', {
    key: randomUUID(),
    troubleId: null,
    pieceId: null,
    facts: { ...sofa, markIds: ['ale', 'butter'] },
    passIndex: 0,
  });
  const told = [
    { markId: 'ale', leftPct: 25 },
    { markId: 'butter', leftPct: 0 },
  ];
  await say(await workUntil(several, 'finalLook'), {
    kind: 'looked',
    answer: null,
    leftPct: null,
    marks: told,
  });
  const otherwise = await begin(() => true);
  const { ways } = await ask(BASE, `/runs/${otherwise.id}/course`);
  await ask(BASE, `/runs/${otherwise.id}/course`, 'PUT', { instead: ways[0].methodId });

  const { nextTrial } = await ask(BASE, '/what-works');
  const trial = await ask(BASE, '/trials', 'POST', {
    key: randomUUID(),
    troubleId: nextTrial.troubleId,
    place: 'pieces',
    methodIds: nextTrial.methodIds,
  });
  await ask(BASE, `/trials/${trial.id}/events`, 'POST', {
    key: randomUUID(),
    event: { kind: 'treated', arm: 0 },
  });

  const written = await (await fetch(`${BASE}/api/household/file`)).text();
  writeFileSync(join(ROOT, file), `${written}\n`);
  const { runs } = JSON.parse(written);
  console.log(`${file}: ${runs.length} runs, ${Math.round(written.length / 1000)} kB`);
} finally {
  server.kill('SIGKILL');
  rmSync(dataDir, { recursive: true, force: true });
}
