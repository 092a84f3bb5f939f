import { JOBS } from '../packages/core/src/test/expert/jobs.ts';
import { household, knowledge } from '../packages/core/src/test/fixtures.ts';
import { planTreatment } from '../packages/core/src/treatment/planTreatment.ts';
import { planText } from '../packages/core/src/words/planLines.ts';
import { metricLexicon } from '../packages/core/src/words/round/metricLexicon.ts';
import { wordsOfRoundOne } from '../packages/core/src/words/round/wordsOfRoundOne.ts';

/** Writes the plan of every job of the trade as it would be read aloud: npm run jobs. */
const say = metricLexicon(knowledge);
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
