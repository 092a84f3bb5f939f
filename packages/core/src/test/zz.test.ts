import { test } from 'vitest';
import { planTreatment } from '../plan/planTreatment.js';
import { cases, household, knowledge } from './fixtures.js';
test('print', () => {
  for (const [name, facts] of Object.entries(cases)) {
    const p = planTreatment(facts, household, knowledge);
    console.log(`\n== ${name} ≤${p.envelope.tempC.max}°C pH ${p.envelope.pH.min}-${p.envelope.pH.max} ${p.envelope.wetting.most} ${p.envelope.action.most} ${p.envelope.programme.most}`);
    for (const r of p.ladder) console.log(`  # ${r.methodId} ${r.effect.low}-${r.effect.high} ${r.risk} hands ${r.handsOnMin} total ${r.totalMin.low}-${r.totalMin.high} :: ${r.steps.map((s) => s.kind).join(',')} :: ${JSON.stringify(r.steps.find((s) => s.kind === 'mix')?.ingredients.map((i) => [i.agentId, i.massG, i.volumeML, i.snapped?.counts.map((c) => c.count + c.toolId).join('+'), i.snapped?.errorPct]))} ${JSON.stringify(r.steps.find((s) => s.kind === 'mix')?.bath)} ${r.steps.find((s) => s.kind === 'mix')?.vessel?.id} ${r.findings.map((f) => f.code)}`);
    for (const c of p.candidates) if (c.verdict !== 'rung') console.log(`  - ${c.verdict} ${c.methodId} ${c.findings.map((f) => `${f.code}(${JSON.stringify(f.facts).slice(0, 90)})`).join(' ')}`);
    console.log('  !', p.findings.map((f) => f.code).join(' '));
  }
  const t = performance.now(); for (let i = 0; i < 200; i++) planTreatment(cases.beetrootOnDamask, household, knowledge); console.log('ms/plan', (performance.now() - t) / 200);
});
