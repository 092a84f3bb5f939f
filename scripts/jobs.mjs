import { JOBS } from '../packages/core/src/test/expert/jobs.ts';
import { household, knowledge } from '../packages/core/src/test/fixtures.ts';
import { planTreatment } from '../packages/core/src/treatment/planTreatment.ts';
import { planText, wordsOfRoundOne } from '../packages/core/src/words/roundWords.ts';

/** Writes the plan of every job of the trade as it would be read aloud: npm run jobs. */
const names = new Map(
  [
    ...knowledge.agents,
    ...knowledge.methods,
    ...knowledge.marks,
    ...knowledge.items,
    ...knowledge.fibres,
    ...knowledge.components,
    ...knowledge.parts,
  ].map(({ id, name }) => [id, name]),
);
const say = {
  name: (id) => names.get(id) ?? id,
  temp: (tempC) => `${Math.round(tempC)} °C`,
  volume: (volumeML) =>
    volumeML < 1000 ? `${Math.round(volumeML)} mL` : `${Math.round(volumeML / 100) / 10} L`,
};
const home = {
  ...household,
  cupboard: knowledge.agents.map(({ id, strength }) => ({
    agentId: id,
    strengthPct: strength?.recipe ?? null,
  })),
};
for (const { name, facts } of JOBS) {
  const plan = planTreatment(facts, home, knowledge);
  console.log(`\n## ${name} (${wordsOfRoundOne(plan, say)} words)`);
  console.log(planText(plan, say).join('\n'));
}
