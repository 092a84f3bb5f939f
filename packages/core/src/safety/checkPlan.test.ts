import { describe, expect, it } from 'vitest';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import { cases, household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import {
  PLANTED_IN_WORK_TEST,
  planted,
  pour,
  runPassOf,
  seen,
  stepOf,
  type Writable,
} from '../test/planting.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { VIOLATION_CODES } from './violation.js';

/** The first pass of linen damask with beetroot, the one that washes and dries it, and the first of a wool blanket. */
const oxygen = (plan: Writable<Plan>) => runPassOf(plan, 'oxygenSoak');
const washing = (plan: Writable<Plan>) => runPassOf(plan, 'hotDetergentWash');
const drip = (plan: Writable<Plan>) => runPassOf(plan, 'coolDripThrough');
const blot = (plan: Writable<Plan>) => runPassOf(plan, 'vinegarDetergentBlot');

describe('the checker catches', () => {
  it('a forbidden pair in one vessel', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) =>
        stepOf(oxygen(plan), 'mix').ingredients.push(pour('vinegar')),
      ),
    ).toContain('forbiddenPairInVessel');
  });

  it('an acid in a wash with chlorine: one cycle is one vessel', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        stepOf(washing(plan), 'mix').ingredients.push(pour('chlorineBleach'), pour('vinegar'));
      }),
    ).toEqual(expect.arrayContaining(['forbiddenPairInVessel', 'agentAgainstLabel']));
  });

  describe('in a round', () => {
    it('a second wash, and a second drying', () => {
      expect(
        planted(cases.beetrootOnDamask, (plan) => {
          plan.passes.push(structuredClone(washing(plan)));
        }),
      ).toEqual(expect.arrayContaining(['washedTwice', 'driedTwice']));
    });
    it('chlorine in the wash, heat on a colour in plain water, a dryer before the look', () => {
      expect(
        planted(cases.beetrootOnDamask, (plan) =>
          stepOf(washing(plan), 'mix').ingredients.push(pour('chlorineBleach')),
        ),
      ).toContain('agentAgainstLabel');
      expect(
        planted(cases.beetrootOnDamask, (plan) => {
          for (const action of washing(plan).actions)
            Object.assign(action, { ingredients: [], tempC: { min: 30, max: 60, target: 60 } });
        }),
      ).toContain('heatBeforeLook');
      expect(
        planted(cases.beetrootOnDamask, (plan) =>
          stepOf(washing(plan), 'dry').dryingWays.push('tumbleLow' as never),
        ),
      ).toContain('heatBeforeLook');
    });
    it('what waits for a water test, on a piece no test opens', () => {
      const sofa = trouble('coffeeMilk', piece('armchair', { cotton: 70, viscose: 30 }, { colour: 'pale' }));
      expect(
        planted(sofa, (plan) => {
          const passes = plan.rounds.flatMap((round) => round.passes);
          expect(passes.find(({ methodId }) => methodId === 'detergentBlot')?.opensAfterTest).toBe(true);
          expect(plan.passes.map(({ methodId }) => methodId)).not.toContain('detergentBlot');
          plan.facts.piece.code = 'S';
        }),
      ).toContain('tooWet');
    });
  });

  it('partners in adjoining passes without a full rinse between', () => {
    const wine = trouble('redWine', piece('tShirt', { cotton: 100 }, { colour: 'pale', fastness: 'proven' }));
    expect(
      planted(wine, (plan) => {
        // Vinegar, then peroxide, and no water between them.
        for (const pass of plan.passes)
          pass.actions = pass.actions.filter(({ kind }) => kind !== 'rinse' && kind !== 'rinseBefore');
      }),
    ).toContain('forbiddenPairUnrinsed');
  });

  it('a product tried before that must not meet the first pass', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        (plan.facts.tried as unknown[]).push({
          agentId: 'chlorineBleach',
          times: 1,
          effect: 'unknown',
          hot: false,
          washedOut: 'unknown',
        });
      }),
    ).toContain('forbiddenPairInPlan');
  });

  it('chlorine anywhere in a plan with peroxygen', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) =>
        stepOf(oxygen(plan), 'mix').ingredients.push(pour('chlorineBleach')),
      ),
    ).toContain('forbiddenPairInPlan');
  });

  it('forbidden partners on a surface that cannot be rinsed through', () => {
    expect(
      planted(cases.blackberryOnArmchair, (plan) => {
        stepOf(blot(plan), 'mix').ingredients.push(pour('acetone'));
      }),
    ).toContain('forbiddenPairInPlan');
  });

  it('protease and percarbonate on wool', () => {
    for (const agentId of ['enzymePretreater', 'bioDetergent', 'oxygenBleach']) {
      expect(
        planted(cases.bloodOnWoolBlanket, (plan) =>
          stepOf(drip(plan), 'mix').ingredients.push(pour(agentId)),
        ),
      ).toContain('agentOnForbiddenFibre');
    }
  });

  it('any bleach under a crossed-out triangle', () => {
    const crossed = trouble('tea', piece('tableLinen', { linen: 100 }, { label: label(60, 'never') }));
    expect(
      planted(
        crossed,
        (plan) => plan.passes[0] && stepOf(plan.passes[0], 'mix').ingredients.push(pour('peroxide')),
      ),
    ).toContain('agentAgainstLabel');
  });

  it('water hotter than label, fibre or mark allow', () => {
    const hotter = (pass: Writable<Pass>, maxC: number) =>
      Object.assign(stepOf(pass, 'mix'), { tempC: { min: 20, max: maxC, target: maxC } });
    expect(planted(cases.beetrootOnDamask, (plan) => hotter(oxygen(plan), 70))).toContain('tooHot');
    expect(planted(cases.bloodOnWoolBlanket, (plan) => hotter(drip(plan), 35))).toContain('tooHot');
    const egg = trouble('egg', piece('tableLinen', { linen: 100 }, { label: label(95) }));
    expect(
      planted(
        egg,
        (plan) =>
          plan.passes[0] &&
          Object.assign(stepOf(plan.passes[0], 'mix'), { tempC: { min: 20, max: 55, target: 55 } }),
      ),
    ).toContain('tooHot');
  });

  it('a wash hotter than protein bears, but where a body fluid is on what a kitchen or a nappy needs clean', () => {
    const onCloth = (itemId: string) =>
      trouble('humanUrine', piece(itemId, { linen: 100 }, { label: label(60) }));
    const hotWash = (itemId: string) =>
      planted(onCloth(itemId), (plan) => {
        const wash = plan.passes.find((pass) => pass.actions.some(({ programme }) => programme !== null));
        for (const step of wash?.actions ?? [])
          if (step.tempC) Object.assign(step, { tempC: { min: 30, max: 60, target: 60 } });
      });
    expect(hotWash('strainingCloth')).not.toContain('tooHot');
    expect(hotWash('tableLinen')).toContain('tooHot');
  });

  it('a pH outside the fibre, and a sour bath that stands too long', () => {
    expect(
      planted(cases.bloodOnWoolBlanket, (plan) =>
        Object.assign(stepOf(drip(plan), 'mix'), {
          pH: { low: 9, high: 10, likely: 9.5, at25: 9.5, basis: 'stated', ionicStrength: 0, firm: true },
        }),
      ),
    ).toContain('pHOutsideFibre');
    expect(
      planted(cases.fishOverall, (plan) => {
        Object.assign(stepOf(runPassOf(plan, 'vinegarSpot'), 'dwell').dwell ?? {}, { maxMin: 600 });
      }),
    ).toContain('pHOutsideFibre');
  });

  it('a recipe whose pH is not what the step says, and a bath hotter than it says', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        Object.assign(stepOf(oxygen(plan), 'mix').pH ?? {}, { low: 7, high: 8 });
      }),
    ).toContain('pHNotAsSaid');
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        Object.assign(stepOf(oxygen(plan), 'mix').ingredients[0] ?? {}, { agentId: 'citricAcid' });
      }),
    ).toContain('pHNotAsSaid');
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        Object.assign(stepOf(oxygen(plan), 'mix').outlook ?? {}, { startC: 75 });
      }),
    ).toContain('hotterThanSaid');
  });

  it('a soak on upholstery and water on an S-coded chair', () => {
    expect(
      planted(cases.blackberryOnArmchair, (plan) =>
        Object.assign(stepOf(blot(plan), 'mix'), { bath: { waterL: 7, shares: {} } }),
      ),
    ).toContain('tooWet');
    expect(
      planted(cases.blackberryOnArmchair, (plan) => {
        Object.assign(plan.facts.piece, { code: 'S' });
      }),
    ).toContain('tooWet');
  });

  it('a programme or an action stronger than the piece bears', () => {
    expect(
      planted(cases.bloodOnWoolBlanket, (plan) =>
        Object.assign(stepOf(drip(plan), 'apply'), { programme: 'normal' }),
      ),
    ).toContain('programmeTooStrong');
    expect(
      planted(cases.bloodOnWoolBlanket, (plan) =>
        Object.assign(stepOf(drip(plan), 'apply'), { action: 'firmBrush' }),
      ),
    ).toContain('actionTooStrong');
  });

  it('heat before the last look, and a dryer the label forbids', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) =>
        stepOf(washing(plan), 'dry').dryingWays.push('tumbleLow' as never),
      ),
    ).toContain('heatBeforeLook');
    expect(
      planted(cases.beetrootOnDamask, (plan) =>
        Object.assign(stepOf(washing(plan), 'mix'), {
          tempC: { min: 20, max: 60, target: 60 },
          ingredients: [],
        }),
      ),
    ).toContain('heatBeforeLook');
    expect(
      planted(cases.beetrootOnDamask, (plan) =>
        stepOf(washing(plan), 'dry').dryingWays.push('tumbleNormal' as never),
      ),
    ).toContain('dryingForbidden');
  });

  it('a pass without a look before drying', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        oxygen(plan).actions = oxygen(plan).actions.filter((action) => action.kind !== 'look');
      }),
    ).toContain('lookMissing');
  });

  it('a missing hidden test on an untested colour', () => {
    expect(
      planted(cases.blackberryOnArmchair, (plan) => {
        runPassOf(plan, 'peroxideDab').actions = runPassOf(plan, 'peroxideDab').actions.filter(
          (action) => action.kind !== 'hiddenTest',
        );
      }),
    ).toContain('hiddenTestMissing');
  });

  it('a recipe without its cautions', () => {
    const strip = (ids: readonly string[]) => (plan: Writable<Plan>) => {
      const mix = stepOf(oxygen(plan), 'mix');
      mix.cautionIds = mix.cautionIds.filter((id) => !ids.includes(String(id))) as never;
    };
    expect(planted(cases.beetrootOnDamask, strip(['eyesOxygen']))).toContain('cautionMissing');
    expect(planted(cases.beetrootOnDamask, strip(['tongs']))).toContain('scaldCautionMissing');
  });

  it('a flammable solvent left alone', () => {
    const pen = trouble('ballpoint', piece('tShirt', { cotton: 100 }, { label: label(40) }));
    expect(
      planted(pen, (plan) =>
        Object.assign(stepOf(runPassOf(plan, 'alcoholSpot'), 'dwell').dwell ?? {}, { attended: false }),
      ),
    ).toContain('unattended');
  });

  it('what no household is ever given, what this one has switched off, and what eats metal', () => {
    const pouring = (agentId: string) => (plan: Writable<Plan>) =>
      stepOf(plan.passes[0] ?? expect.unreachable(), 'mix').ingredients.push(pour(agentId));
    expect(planted(cases.beetrootOnDamask, pouring('strongRustRemover'))).toContain('agentNeverOffered');
    expect(planted(cases.beetrootOnDamask, pouring('ammonia'))).toContain('agentSwitchedOff');
    expect(planted(cases.beetrootOnDamask, pouring('borax'))).toContain('agentSwitchedOff');
    const zipped = trouble(
      'tea',
      piece('tableLinen', { linen: 100 }, { label: label(60), metalParts: true }),
    );
    expect(planted(zipped, pouring('runRemover'))).toContain('agentOnMetal');
  });

  it('a bottle of unknown strength', () => {
    const unknown = { ...household, cupboard: [{ agentId: 'peroxide', strengthPct: null }] };
    expect(
      planted(
        cases.beetrootOnDamask,
        (plan) => stepOf(plan.passes[0] ?? expect.unreachable(), 'mix').ingredients.push(pour('peroxide')),
        unknown,
      ),
    ).toContain('strengthNotSafe');
  });

  it('peroxide on silk longer, warmer or oftener than it bears', () => {
    const wine = trouble('redWine', piece('scarf', { silk: 100 }, { colour: 'pale', fastness: 'proven' }));
    const made = planTreatment(wine, household, knowledge).passes.map((pass) => pass.methodId);
    expect(made).toContain('peroxideDab');
    expect(
      planted(wine, (plan) => {
        Object.assign(stepOf(runPassOf(plan, 'peroxideDab'), 'dwell').dwell ?? {}, { maxMin: 45 });
      }),
    ).toContain('boundsExceeded');
    expect(
      planted(wine, (plan) => {
        Object.assign(runPassOf(plan, 'peroxideDab'), { maxRounds: 5 });
      }),
    ).toContain('boundsExceeded');
  });

  it('hot water without a word about scalding', () => {
    expect(
      planted(cases.beetrootOnDamask, (plan) => {
        const mix = stepOf(oxygen(plan), 'mix');
        mix.cautionIds = mix.cautionIds.filter((id) => id !== 'tongs' && id !== 'hotWater');
      }),
    ).toContain('scaldCautionMissing');
  });

  it('sun on silk, and a soak where a stiffener or a jute backing lies', () => {
    const tomato = trouble('tomato', piece('tableLinen', { linen: 100 }, { label: label(60) }));
    expect(planTreatment(tomato, household, knowledge).passes.map((pass) => pass.methodId)).toContain(
      'sunLine',
    );
    expect(
      planted(tomato, (plan) => {
        Object.assign(plan.facts.piece.parts[0] ?? {}, { fibres: [{ fibreId: 'silk', sharePct: 100 }] });
      }),
    ).toContain('dryingForbidden');
    for (const name of ['stiffener', 'backing']) {
      expect(
        planted(cases.beetrootOnDamask, (plan) => {
          plan.facts.piece.parts.push({ name, fibres: [{ fibreId: 'jute', sharePct: 100 }] } as never);
        }),
      ).toContain('tooWet');
    }
  });

  describe('what was taken as usual', () => {
    const open = trouble('coffee', { ...piece('shirt', {}, { colour: 'white' }), parts: [] });
    type Taken = Extract<Plan['findings'][number], { code: 'usualTaken' }>;
    const takenIn = (plan: Writable<Plan>) =>
      plan.findings.find(({ code }) => code === 'usualTaken') as Writable<Taken>;

    it('warmer than most tags, other fibres than such a piece has, over what was given', () => {
      expect(planted(open, (plan) => Object.assign(takenIn(plan).facts, { washC: 60 }))).toContain(
        'usualWrong',
      );
      expect(
        planted(open, (plan) => {
          for (const part of takenIn(plan).facts.parts ?? [])
            Object.assign(part, { fibres: [{ fibreId: 'acetate', sharePct: 100 }] });
        }),
      ).toContain('usualWrong');
      expect(
        planted(open, (plan) => {
          plan.facts.piece.parts = [{ name: 'whole piece', fibres: [{ fibreId: 'silk', sharePct: 100 }] }];
        }),
      ).toContain('usualWrong');
    });

    it('white where such pieces are of any colour, or over a colour that was given', () => {
      expect(
        planted(open, (plan) => {
          plan.facts.piece.colour = 'unknown';
          Object.assign(takenIn(plan).facts, { colour: 'white' });
        }),
      ).toContain('usualWrong');
      const net = trouble('coffee', { ...piece('netCurtain', {}, { colour: 'unknown' }), parts: [] });
      expect(
        takenIn(structuredClone(planTreatment(net, household, knowledge)) as Writable<Plan>).facts.colour,
      ).toBe('white');
      expect(
        planted(net, (plan) => {
          plan.facts.piece.colour = 'dark';
        }),
      ).toContain('usualWrong');
    });

    it('work before the look at the tag, or no look at all', () => {
      const without = (plan: Writable<Plan>) => {
        for (const pass of plan.rounds.flatMap(({ passes }) => passes)) pass.checks = [];
      };
      expect(planted(open, without)).toContain('usualUnguarded');
      // Where the person has read it, nothing is missing.
      expect(
        planted(open, (plan) => {
          without(plan);
          plan.facts.seen = { [USUAL_CHECK_ID]: true };
        }),
      ).not.toContain('usualUnguarded');
    });
  });

  it('every kind of violation of this page: each has been planted above', () => {
    const elsewhere: readonly string[] = PLANTED_IN_WORK_TEST;
    expect(VIOLATION_CODES.filter((code) => !elsewhere.includes(code) && !seen.has(code))).toEqual([]);
  });
});
