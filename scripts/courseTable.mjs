import { readFileSync } from 'node:fs';

/** Classes of cloth that a reference is written for, with the piece each is planned on. */
const tag = (wash, more) => ({
  ...{ wash, bleach: null, tumble: null, natural: null, shade: false, iron: null },
  ...{ dryClean: null, dryCleanBars: 0, wetClean: null, wetCleanBars: 0 },
  ...more,
});
const machine = (maxC) => tag({ kind: 'machine', maxC, bars: 0 }, { bleach: 'oxygenOnly' });
const hand = tag({ kind: 'hand' });
const of = (...parts) => parts.map(([name, fibreId]) => ({ name, fibres: [{ fibreId, sharePct: 100 }] }));
const whole = (fibreId) => of(['whole piece', fibreId]);
const fast = { colour: 'mid', fastness: 'proven' };
const CLASSES = {
  W: { itemId: 'shirt', parts: whole('cotton'), colour: 'white', label: machine(60) },
  C: { itemId: 'shirt', parts: whole('cotton'), ...fast, label: machine(40) },
  S: { itemId: 'sportsTop', parts: whole('polyester'), ...fast, label: machine(30) },
  D: { itemId: 'dress', parts: whole('viscose'), colour: 'pale', label: hand },
  P: { itemId: 'jumper', parts: whole('wool'), colour: 'pale', label: hand },
  U: {
    itemId: 'armchair',
    parts: of(['cover', 'polyester'], ['filling', 'foam']),
    colour: 'pale',
    code: 'WS',
  },
  K: { itemId: 'rug', parts: of(['pile', 'wool']), colour: 'pale' },
};

const plastic = { material: 'plastic', lid: false, shape: null };
const HOUSE = {
  ...{ taps: { coldC: 12, hotC: 50, kettleL: 1.7 }, hardnessMgL: 200, roomC: 20 },
  vessels: [
    { ...plastic, id: 'basin', name: 'basin', volumeL: 8, form: 'basin' },
    { ...plastic, id: 'bucket', name: 'bucket', volumeL: 15, form: 'bucket' },
  ],
  ...{ tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'], ownMeasures: [], products: [] },
  ...{ hasScale: false, hasMachine: true, hasDryer: true, asthma: false, pregnancy: false, baby: false },
  ...{ pets: false, septicTank: false, boraxSold: false, allowChlorine: false, allowAmmonia: false },
  ...{ allowOxalic: false, positions: {} },
};

/**
 * For each trouble on each class of cloth: what does most in round one, what takes its place where that is not in the
 * house, how it is dried and looked at. With a reference, one JSON record a line, what it has otherwise.
 */
export function printCourseTable(knowledge, core, referencePath) {
  const reference = new Map(readReference(referencePath).map((one) => [`${one.mark} ${one.cloth}`, one]));
  const agents = knowledge.agents.filter(({ chemistries }) => !chemistries.includes('chlorine'));
  const house = (without) => ({
    ...HOUSE,
    cupboard: agents
      .filter(({ id }) => !without.includes(id))
      .map(({ id, strength }) => ({ agentId: id, strengthPct: strength?.recipe ?? null })),
  });
  const planOf = (mark, piece, without) =>
    core.planTreatment(
      {
        ...core.EMPTY_FACTS,
        ...{ markIds: [mark.id], age: 'hours', wetness: mark.kind === 'mark' ? 'wet' : 'unknown' },
        size: mark.kind === 'mark' ? 'palm' : 'allOver',
        piece: { ...core.EMPTY_PIECE, ...piece },
      },
      house(without),
      knowledge,
    );
  const counts = { rows: 0, compared: 0, alike: 0 };
  for (const mark of knowledge.marks)
    for (const [cloth, piece] of Object.entries(CLASSES)) {
      const plan = planOf(mark, piece, []);
      const most = strongestOf(plan);
      const used = most ? agentsOf(most) : [];
      const instead = used.length > 0 ? strongestOf(planOf(mark, piece, used)) : null;
      const [first] = plan.rounds;
      const dry = first?.drying?.action.dryingWays.join('/') || 'in place';
      const looks = [...new Set(first?.look?.byMark.flatMap(({ checks }) => checks) ?? [])].join('/');
      counts.rows += 1;
      console.log(
        `${cloth}  ${mark.id.padEnd(20)} ${most?.methodId ?? plan.ends[0]?.next ?? '—'} | ${instead?.methodId ?? '—'} | ${dry} | ${looks}`,
      );
      const record = reference.get(`${mark.id} ${cloth}`);
      if (!record || record.na || record.strongest.length === 0) continue;
      const inRoundOne = new Set(first?.passes.flatMap((pass) => [pass.methodId, ...agentsOf(pass)]) ?? []);
      const isAlike = record.strongest.some((id) => inRoundOne.has(id));
      counts.compared += 1;
      counts.alike += isAlike ? 1 : 0;
      if (!isAlike) console.log(`     otherwise: ${record.strongest.join(', ')}`);
    }
  console.log(`\n${counts.rows} rows: strongest | in its place | dried | looked at`);
  if (counts.compared > 0) console.log(`${counts.alike} of ${counts.compared} as the reference has it`);
}

const agentsOf = (pass) => [
  ...new Set(pass.actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId))),
];

/** The pass of round one that takes most; the wash and plain water only where nothing else is done. */
function strongestOf({ rounds }) {
  const passes = rounds[0]?.passes ?? [];
  const work = passes.filter((pass) => pass.phase !== 'wash' && agentsOf(pass).some((id) => id !== 'water'));
  const share = ({ takes }) => takes.all.low + takes.all.high;
  return [...(work.length > 0 ? work : passes)].sort((a, b) => share(b) - share(a))[0] ?? null;
}

/** One JSON array, or one record a line. */
const readReference = (path) => (path ? JSON.parse(readFileSync(path, 'utf8')) : []);
