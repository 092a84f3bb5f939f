import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { checkPlan } from '../safety/checkPlan.js';
import { anyFacts, anyHousehold } from '../test/arbitraries.js';
import { cases, household, knowledge, label, piece, tried, trouble } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import type { Action } from './plan/action.js';
import type { Plan } from './plan/plan.js';
import { planTreatment } from './planTreatment.js';

const plan = (facts: TroubleFacts, home: Household = household): Plan =>
  planTreatment(facts, home, knowledge);
const methodIdsOf = (made: Plan) => made.passes.map((pass) => pass.methodId);
const action = (made: Plan, methodId: string, kind: Action['kind']) =>
  made.passes
    .find((pass) => pass.methodId === methodId)
    ?.actions.find((candidate) => candidate.kind === kind);
const against = (made: Plan, methodId: string) =>
  made.candidates.find((candidate) => candidate.methodId === methodId && candidate.verdict === 'ruledOut')
    ?.findings ?? [];
const codes = (findings: readonly Finding[]) => findings.map((finding) => finding.code);
const agentsIn = (made: Plan) =>
  made.passes.flatMap((pass) => pass.actions.flatMap((entry) => entry.ingredients.map((one) => one.agentId)));

describe('beetroot on white damask with a 60 °C tag', () => {
  const made = plan(cases.beetrootOnDamask);
  it('dried in today: a cold flush, a hot oxygen soak and a wash, one drying, one look', () => {
    expect(methodIdsOf(made).slice(0, 3)).toEqual(['coldFromBack', 'oxygenSoak', 'hotDetergentWash']);
  });
  it('if a look says that it did something, the same once more', () => {
    const [, again] = made.rounds;
    expect(again?.passes.map(({ methodId }) => methodId)).toEqual(['oxygenSoak', 'hotDetergentWash']);
    expect(again?.passes[0]?.checks.map(({ text }) => text)).toEqual(['the first round took some of it']);
  });
  it('sizes the soak for the lidded bucket, which stays warm: 7 L at 60 °C, 5–10 g/L, hot tap and one kettle', () => {
    const mix = action(made, 'oxygenSoak', 'mix');
    expect(mix?.vessel?.id).toBe('bucket');
    expect(mix?.bath).toMatchObject({ waterL: 7, shares: { kettles: 1, reached: true } });
    // Poured a little hotter than 60: the enamel takes its share before the cloth goes in.
    expect(mix?.bath?.shares.tempC).toBeGreaterThan(60);
    expect(mix?.outlook?.startC).toBeLessThanOrEqual(60);
    expect(mix?.ingredients[0]).toMatchObject({
      agentId: 'oxygenBleach',
      massG: 52.5,
      range: { low: 35, high: 70, unit: 'g' },
    });
    expect(mix?.ingredients[0]?.snapped).toMatchObject({
      counts: [{ toolId: 'metricTablespoon', count: 3.5 }],
      errorPct: 0,
    });
  });
  it('warns of 60 °C water before mixing', () => {
    expect(action(made, 'oxygenSoak', 'mix')?.cautionIds).toEqual(
      expect.arrayContaining(['tongs', 'noClosedVessel', 'followLabel', 'openSoak']),
    );
  });
  it('goes from the first seconds to the last look, rinsed by the machine', () => {
    const first = made.passes.slice(0, 3);
    expect(first.map(({ actions }) => actions.map((entry) => entry.kind))).toEqual([
      ['firstAid', 'mix', 'apply', 'dwell', 'look'],
      ['mix', 'apply', 'dwell', 'look'],
      ['mix', 'apply', 'dwell', 'dry', 'finalLook'],
    ]);
  });
  it('is the rounds as they are laid out, step for step', () => {
    const laid = made.rounds.flatMap(({ passes, drying, look }) => [
      ...passes.flatMap(({ actions }) => actions),
      ...(drying ? [drying.action] : []),
      ...(look ? [look.action] : []),
    ]);
    expect(made.passes.flatMap(({ actions }) => actions).filter(({ kind }) => kind !== 'firstAid')).toEqual(
      laid,
    );
    expect(made.passes[0]?.actions[0]?.notes).toEqual(made.atOnce.actions.map(({ text }) => text));
  });
  it('says how much the first seconds take by themselves, and nothing where nothing of it moves the soil', () => {
    const made = (age: 'minutes' | 'months', wetness: 'wet' | 'dry') =>
      planTreatment(
        trouble('redWine', piece('shirt', { cotton: 100 }, { label: label(40) }), { age, wetness }),
        household,
        knowledge,
      ).atOnce;
    const fresh = made('minutes', 'wet');
    expect(fresh.actions.flatMap(({ verbs }) => verbs)).toContain('blot');
    expect(fresh.gone?.byMark.map(({ markId }) => markId)).toEqual(['redWine']);
    expect(fresh.gone?.all.high).toBeGreaterThan(fresh.gone?.all.low ?? 1);
    const old = made('months', 'dry');
    expect([old.actions, old.gone]).toEqual([[], null]);
  });
  it('rules chlorine out by the striped triangle and by the household', () => {
    expect(codes(against(made, 'chlorineSoak'))).toEqual(['chemistryForbidden', 'offByDefault']);
  });
});

describe('blood on a wool blanket', () => {
  const made = plan(cases.bloodOnWoolBlanket);
  it('stays cold', () => {
    expect(made.envelope.tempC.max).toBe(30);
    for (const pass of made.passes)
      for (const entry of pass.actions) expect(entry.tempC?.max ?? 0).toBeLessThanOrEqual(30);
  });
  it('uses no protease and no percarbonate anywhere, and says why', () => {
    expect(agentsIn(made)).not.toEqual(expect.arrayContaining(['bioDetergent']));
    for (const agentId of ['bioDetergent', 'enzymePretreater', 'oxygenBleach'])
      expect(agentsIn(made)).not.toContain(agentId);
    expect(against(made, 'enzymePretreat')[0]).toMatchObject({
      code: 'chemistryForbidden',
      facts: { chemistry: 'protease', owner: { fibreId: 'wool' } },
    });
    expect(against(made, 'oxygenSoak')[0]).toMatchObject({
      code: 'chemistryForbidden',
      facts: { chemistry: 'percarbonate', owner: { fibreId: 'wool' } },
    });
  });
  it('allows weak peroxide as the last before the wash: cool, at most half an hour, twice, after a hidden test', () => {
    const last = made.passes.find(({ methodId }) => methodId === 'peroxideDab');
    expect(last?.maxRounds).toBe(2);
    expect(made.rounds[0]?.passes.at(-2)?.methodId).toBe('peroxideDab');
    expect(last?.actions.find((entry) => entry.kind === 'dwell')?.dwell?.maxMin).toBeLessThanOrEqual(30);
    expect(last?.actions.some((entry) => entry.kind === 'hiddenTest')).toBe(true);
  });
  it('never tumbles and handles it as body fluid', () => {
    expect(made.passes.flatMap((pass) => pass.actions.flatMap((entry) => entry.dryingWays))).not.toContain(
      'tumbleLow',
    );
    expect(made.passes[0]?.cautionIds).toEqual(expect.arrayContaining(['bodyFluids', 'gloves']));
  });
});

describe('blackberry on a code-W armchair', () => {
  const made = plan(cases.blackberryOnArmchair);
  it('blots with water-based methods only, nothing immersed or washed', () => {
    expect(methodIdsOf(made).slice(0, 2)).toEqual(['vinegarDetergentBlot', 'peroxideDab']);
    for (const pass of made.passes)
      for (const entry of pass.actions) expect([entry.bath, entry.programme]).toEqual([null, null]);
  });
  it('rules natural soap out by its tannin', () => {
    const soap = made.candidates.find((candidate) => candidate.methodId === 'whiteSoapBlot');
    expect(soap).toBeUndefined();
    expect(made.envelope.chemistry.find((window) => window.chemistry === 'soap')).toMatchObject({
      verdict: 'never',
    });
  });
  it('keeps the S- and X-coded chair dry and names the professional', () => {
    for (const code of ['S', 'X'] as const) {
      const dry = plan(trouble('berry', piece('armchair', { cotton: 100 }, { colour: 'pale', code })));
      expect(dry.passes.every((pass) => pass.actions.every((entry) => entry.kind !== 'mix'))).toBe(true);
      expect(codes(dry.findings)).toContain('professionalHand');
    }
  });
});

describe('nail varnish on an acetate lining', () => {
  const made = plan(cases.varnishOnAcetate);
  it('rules out acetone and ester removers by the lining', () => {
    expect(against(made, 'acetoneSpot')[0]).toMatchObject({
      code: 'chemistryForbidden',
      facts: { chemistry: 'ketone', owner: { fibreId: 'acetate', part: 'lining' } },
    });
    expect(against(made, 'esterSpot')[0]).toMatchObject({
      code: 'chemistryForbidden',
      facts: { chemistry: 'ester', owner: { fibreId: 'acetate' } },
    });
  });
  it('says honestly that nothing is left but a professional', () => {
    expect(made.passes).toEqual([]);
    expect(codes(made.findings).slice(0, 2)).toEqual(['noHomeMethod', 'professionalHand']);
  });
});

describe('storage yellow on a petticoat with a 40 °C tag', () => {
  const made = plan(cases.yellowPetticoat);
  it('soaks 6 to 8 h at 40 °C with the amount for this basin', () => {
    expect(methodIdsOf(made)).toContain('longOxygenSoak');
    expect(action(made, 'longOxygenSoak', 'dwell')?.dwell).toMatchObject({ minMin: 360, maxMin: 480 });
    const mix = action(made, 'longOxygenSoak', 'mix');
    expect(mix?.tempC).toMatchObject({ max: 40, target: 40 });
    expect(mix).toMatchObject({ vessel: { id: 'bucket' }, bath: { waterL: 5.5 } });
    expect(mix?.ingredients[0]?.massG).toBeCloseTo(41.25, 0);
  });
  it('says that the label keeps it cooler than best', () => {
    expect(made.passes.find((pass) => pass.methodId === 'longOxygenSoak')?.findings).toContainEqual(
      expect.objectContaining({
        code: 'coolerThanBest',
        facts: expect.objectContaining({ gotC: 40, owner: expect.objectContaining({ kind: 'label' }) }),
      }),
    );
  });
});

describe('fish-meal smell on a cotton overall', () => {
  const made = plan(cases.fishOverall);
  it('rinses cold, odour remover, 1 to 1 vinegar for at least 15 min, then washes', () => {
    expect(methodIdsOf(made).slice(0, 4)).toEqual([
      'plainWaters',
      'odourRemoverSpot',
      'vinegarSpot',
      'bioMachineWash',
    ]);
    const pass = made.passes.find((candidate) => candidate.methodId === 'vinegarSpot');
    expect(pass?.actions.map((entry) => entry.kind)).toEqual([
      'hiddenTest',
      'mix',
      'apply',
      'dwell',
      'look',
      'rinse',
    ]);
    const mix = pass?.actions.find((entry) => entry.kind === 'mix');
    expect(mix?.ingredients[0]?.volumeML).toBe(mix?.waterML);
    expect(pass?.actions.find((entry) => entry.kind === 'dwell')?.dwell?.minMin).toBe(15);
  });
});

describe('what stands in, and how often', () => {
  it('is what does most, not the first of the list: colour oxygen bleach before peroxide', () => {
    const cupboard = ['peroxide', 'colourOxygenBleach', 'bioDetergent', 'liquidDetergent', 'vinegar'].map(
      (agentId) => ({ agentId, strengthPct: agentId === 'peroxide' ? 3 : null }),
    );
    const soak = plan(cases.beetrootOnDamask, { ...household, cupboard }).passes.find(({ methodId }) =>
      /oxygenSoak/i.test(methodId),
    );
    expect(soak?.actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId))).toEqual([
      'colourOxygenBleach',
    ]);
  });
  it('is no solvent in a second round where the two would be over what one room bears in a day', () => {
    const tee = piece('tShirt', { cotton: 100 }, { colour: 'white', label: label(40) });
    const cupboard = [...household.cupboard, { agentId: 'solventPretreater', strengthPct: null }].filter(
      ({ agentId }) => agentId !== 'mineralSpirits',
    );
    const poured = (size: 'palm' | 'plate') =>
      plan({ ...trouble('tar', tee), size }, { ...household, cupboard })
        .passes.flatMap(({ actions }) => actions.flatMap(({ ingredients }) => ingredients))
        .flatMap(({ agentId, volumeML }) => (agentId === 'solventPretreater' ? [volumeML ?? 0] : []));
    expect(poured('palm')).toHaveLength(2);
    expect(poured('plate')).toHaveLength(1);
  });
});

describe('chlorine in the house', () => {
  const withBoth: Household = {
    ...household,
    allowChlorine: true,
    cupboard: [...household.cupboard, { agentId: 'chlorineBleach', strengthPct: 5 }],
  };
  const white = trouble('mildew', piece('tableLinen', { cotton: 100 }, { label: label(95, 'any') }), {
    age: 'weeks',
  });
  it('says what of this plan it must never meet, and what was tried; nothing of the rest of the cupboard', () => {
    const partners = (made: Plan) =>
      made.findings.flatMap((one) => (one.code === 'cupboardHoldsPair' ? [one.facts.agentBId] : []));
    expect(partners(plan(white, withBoth))).toContain('oxygenBleach');
    expect(partners(plan(white, withBoth))).not.toContain('vinegar');
    expect(partners(plan({ ...white, tried: tried('vinegar') }, withBoth))).toContain('vinegar');
    expect(partners(plan(white, household))).toEqual([]);
  });
  it('is followed by plain water only where it cannot be rinsed out', () => {
    const mattress = trouble('humanUrine', piece('mattress', { cotton: 100 }, { colour: 'white' }));
    const others = (made: Plan) => agentsIn(made).filter((id) => id !== 'water');
    expect(others(plan(mattress)).length).toBeGreaterThan(0);
    expect(others(plan({ ...mattress, tried: tried('chlorineBleach') }))).toEqual([]);
  });
  it('never shares a plan with peroxygen or acid', () => {
    const made = plan(white, withBoth);
    expect(methodIdsOf(made)).not.toContain('chlorineSoak');
    expect(against(made, 'chlorineSoak')[0]).toMatchObject({ code: 'apartFromPass' });
  });
  it('is ruled out where ammonia was tried', () => {
    expect(codes(against(plan({ ...white, tried: tried('ammonia') }, withBoth), 'chlorineSoak'))).toContain(
      'triedMustNotMeet',
    );
  });
});

describe('the planner', () => {
  it('asks for mark and piece, and draws the envelope meanwhile', () => {
    const bare = plan({
      ...cases.beetrootOnDamask,
      markIds: [],
      piece: { ...cases.beetrootOnDamask.piece, itemId: null },
    });
    expect(codes(bare.findings)).toEqual(['markNeeded', 'itemNeeded']);
    expect(bare.passes).toEqual([]);
    expect(bare.envelope.tempC.max).toBe(60);
  });

  it('keeps water off fresh oil and starts dry', () => {
    const made = plan(trouble('saladOil', piece('tShirt', { cotton: 100 }, { label: label(40) })));
    expect(methodIdsOf(made)[0]).toBe('absorbentDust');
    expect(codes(against(made, 'coldFlush'))).toContain('wrongForSoil');
  });

  it('takes rust out by acid and bars every bleach', () => {
    const made = plan(trouble('rust', piece('pillowcase', { cotton: 100 }, { label: label(60) })));
    // Its course has the acid in both rounds.
    expect(methodIdsOf(made)).toEqual(['citricSpot', 'hotDetergentWash', 'citricSpot', 'hotDetergentWash']);
    for (const agentId of ['oxygenBleach', 'peroxide', 'chlorineBleach'])
      expect(agentsIn(made)).not.toContain(agentId);
  });

  it('refuses a bottle of unknown strength until it is entered', () => {
    const unknown = { ...household, cupboard: [{ agentId: 'vinegar', strengthPct: null }] };
    expect(codes(against(plan(cases.fishOverall, unknown), 'vinegarSpot'))).toContain('strengthUnknown');
  });

  it('cuts 10 % vinegar down to 5 % and says so', () => {
    const strong = { ...household, cupboard: [{ agentId: 'vinegar', strengthPct: 10 }] };
    const mix = action(plan(cases.fishOverall, strong), 'vinegarSpot', 'mix');
    expect(mix?.ingredients[0]).toMatchObject({ strengthPct: 10, dilution: { fromPct: 10, toPct: 5 } });
    expect(mix?.ingredients[0]?.volumeML).toBe(mix?.ingredients[0]?.dilution?.waterML);
  });

  it('refuses peroxide above 12 % and vinegar too weak to use', () => {
    const odd = {
      ...household,
      cupboard: [
        { agentId: 'peroxide', strengthPct: 30 },
        { agentId: 'vinegar', strengthPct: 2 },
      ],
    };
    expect(codes(against(plan(cases.blackberryOnArmchair, odd), 'peroxideDab'))).toContain('strengthTooHigh');
    expect(codes(against(plan(cases.blackberryOnArmchair, odd), 'vinegarBlot'))).toContain('strengthTooLow');
  });

  it('says which vessel is missing rather than overfilling one', () => {
    const small = { ...household, vessels: household.vessels.slice(0, 1) };
    expect(codes(against(plan(cases.bloodOnWoolBlanket, small), 'coldSoak'))).toContain('vesselTooSmall');
    const stone = {
      ...household,
      vessels: [
        {
          id: 'sink',
          name: 'sink',
          volumeL: 40,
          material: 'stone' as const,
          lid: false,
          form: 'sink' as const,
          shape: null,
        },
      ],
    };
    const smoky = trouble('smoke', piece('sportsTop', { polyester: 100 }), { size: 'allOver' });
    expect(codes(against(plan(smoky, stone), 'vinegarSoak'))).toContain('vesselUnsuitable');
  });

  it('hides borax where it is not sold, and drops the reducer for asthma and metal parts', () => {
    const towels = trouble('stiffTowels', piece('towel', { cotton: 100 }, { label: label(60) }), {
      size: 'allOver',
    });
    expect(codes(against(plan(towels), 'deepStripBorax'))).toContain('notSoldHere');
    const run = trouble('dyeRun', piece('curtain', { cotton: 100 }, { label: label(60), metalParts: true }), {
      size: 'allOver',
    });
    expect(codes(against(plan(run, { ...household, asthma: true }), 'reducerSoak'))).toEqual(
      expect.arrayContaining(['notWithAsthma', 'metalParts']),
    );
  });

  it('follows the school the household chose', () => {
    const run = trouble('dyeRun', piece('pillowcase', { cotton: 100 }, { label: label(60) }), {
      size: 'allOver',
    });
    expect(methodIdsOf(plan(run))).toContain('dyeSuspendingSoak');
    expect(methodIdsOf(plan(run, { ...household, positions: { runWay: 'reducerFirst' } }))).toContain(
      'reducerSoak',
    );
    const made = plan(run, { ...household, positions: { runWay: 'dyeSuspendingFirst' } });
    expect(codes(against(made, 'reducerSoak'))).toEqual(['otherPosition']);
  });

  it('lowers the odds with age and heat', () => {
    const fresh = plan(cases.beetrootOnDamask).passes[0]?.effect.high ?? 0;
    const old = plan({ ...cases.beetrootOnDamask, age: 'months' }).passes[0]?.effect.high ?? 1;
    expect(old).toBeLessThan(fresh);
    const egg = trouble('egg', piece('tableLinen', { linen: 100 }, { label: label(60) }));
    expect(plan({ ...egg, heat: 'tumbled' }).passes[0]?.effect.high).toBeLessThan(
      plan(egg).passes[0]?.effect.high ?? 0,
    );
  });

  it('gives byte-equal output for equal input', () => {
    fc.assert(
      fc.property(
        anyFacts,
        anyHousehold,
        (facts, home) =>
          JSON.stringify(plan(facts, home)) ===
          JSON.stringify(plan(structuredClone(facts), structuredClone(home))),
      ),
      { numRuns: runs(60) },
    );
  });

  it('passes the independent checker on any trouble in any household', () => {
    fc.assert(
      fc.property(anyFacts, anyHousehold, (facts, home) => {
        expect(checkPlan(plan(facts, home), home, knowledge)).toEqual([]);
      }),
      { numRuns: runs(400) },
    );
  });

  it('offers every pass gentlest first, each with a whole effect range', () => {
    fc.assert(
      fc.property(anyFacts, anyHousehold, (facts, home) => {
        for (const pass of plan(facts, home).passes) {
          expect(pass.effect.low).toBeGreaterThanOrEqual(0);
          expect(pass.effect.low).toBeLessThanOrEqual(pass.effect.high);
          expect(pass.effect.high).toBeLessThanOrEqual(1);
          expect(JSON.stringify(pass)).not.toMatch(
            /NaN|null,null,null,null,null,null,null,null,null,null,null,null,null/,
          );
        }
      }),
      { numRuns: runs(200) },
    );
  });

  it('lets heat go before germs only where cold water really runs through first', () => {
    // The flush of its course falls out here: on an old, tumbled mark it takes too little.
    const facts = {
      ...trouble('mucus', piece('ovenGlove', { cotton: 97, elastane: 3 }, { label: label(95, 'any') })),
      age: 'months',
      heat: 'tumbled',
      size: 'hand',
      tried: [{ ...(tried('vinegar')[0] ?? expect.unreachable()), effect: 'nothing', times: 2 }],
    } as const satisfies TroubleFacts;
    const home = {
      ...household,
      cupboard: knowledge.agents.map(({ id, strength }) => ({
        agentId: id,
        strengthPct: strength?.recipe ?? null,
      })),
    };
    const { rounds, ...rest } = planTreatment(facts, home, knowledge);
    const [first] = rounds;
    const flushes = first?.passes.some(({ purpose }) => purpose === 'loose');
    const hottest = Math.max(
      ...(first?.passes ?? []).flatMap(({ actions }) => actions.map(({ tempC }) => tempC?.max ?? 0)),
    );
    expect([flushes, hottest]).toEqual([false, 40]);
    expect(checkPlan({ rounds, ...rest }, home, knowledge)).toEqual([]);
  });

  it('never gains a method by losing a bottle', () => {
    const stepsOnly = new Set(knowledge.methods.filter(({ courseOnly }) => courseOnly).map(({ id }) => id));
    fc.assert(
      fc.property(anyFacts, fc.nat(household.cupboard.length - 1), (facts, place) => {
        const fewer = { ...household, cupboard: household.cupboard.filter((_, index) => index !== place) };
        const usable = (home: Household) =>
          plan({ ...facts, reach: 'house' }, home)
            .candidates.filter(
              ({ verdict, findings }) =>
                verdict === 'inPlan' || verdict === 'spare' || findings[0]?.code === 'apartFromPass',
            )
            .map((candidate) => candidate.methodId)
            // A step of courses alone is looked at only where its course comes to it.
            .filter((methodId) => !stepsOnly.has(methodId));
        const before = new Set(usable(household));
        // Only a stand-in for the lost bottle may fit where the recipe itself is forbidden on this piece.
        const lostId = household.cupboard[place]?.agentId;
        const replaced = knowledge.substitutions.some(({ wantedAgentId }) => wantedAgentId === lostId);
        const uses = (methodId: string) =>
          knowledge.methods.some(
            ({ id, agents }) => id === methodId && agents.some(({ agentId }) => agentId === lostId),
          );
        // The next way of a pass is looked at only where the bottle of the first one is missing.
        const isNextWay = (methodId: string) =>
          knowledge.courses
            .flatMap(({ cloths }) => Object.values(cloths))
            .flatMap((given) => (given.kind === 'course' ? [...given.first, ...given.second] : []))
            .some(({ methodIds }) => methodIds.includes(methodId) && methodIds.some(uses));
        // So is another way of the same purpose.
        const isInstead = (methodId: string) =>
          plan({ ...facts, reach: 'house' }, fewer)
            .rounds.flatMap(({ passes }) => passes)
            .some((pass) => pass.methodId === methodId && uses(pass.insteadOf?.methodId ?? ''));
        const gained = usable(fewer).filter(
          (methodId) => !before.has(methodId) && !isNextWay(methodId) && !isInstead(methodId),
        );
        expect(gained.filter((methodId) => !(replaced && uses(methodId)))).toEqual([]);
      }),
      { numRuns: runs(100) },
    );
  });
});
