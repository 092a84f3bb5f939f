import { STANDING_NOTES } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import {
  PLANTED_IN_WORK_TEST,
  planted,
  pour,
  runPassOf,
  seen,
  stepOf,
  type Writable,
} from '../test/planting.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TriedProduct } from '../trouble/troubleFacts.js';
import { checkPlan, checkWork } from './checkPlan.js';
import type { Work } from './work.js';

const tee = (facts = {}) => piece('tShirt', { cotton: 100 }, { label: label(40), ...facts });
const pen = trouble('ballpoint', tee());
const tea = trouble('tea', piece('tableLinen', { linen: 100 }, { label: label(60) }));
const tried = (agentId: string): TriedProduct => ({
  agentId,
  times: 1,
  effect: 'unknown',
  hot: false,
  washedOut: 'no',
});
const firstOf = (plan: Writable<Plan>) => {
  const pass = plan.passes[0];
  if (!pass) throw new Error('no pass');
  return pass;
};
/** The pass that dries and looks. */
const lastOf = (plan: Writable<Plan>) =>
  plan.passes.find(({ actions }) => actions.some(({ kind }) => String(kind) === 'dry')) ??
  expect.unreachable('nothing is dried');
const firstMix = (plan: Writable<Plan>) => {
  for (const pass of plan.passes) for (const action of pass.actions) if (action.kind === 'mix') return action;
  throw new Error('no mix');
};

/** Each kind of fault planted into a sound plan; the grounds are those of the safety rules. */
describe('the checker of work catches', () => {
  it('solvent over its cap, by the middle or the upper end of what may be poured, and many caps together', () => {
    const more = (plan: Writable<Plan>, volumeML: number, high: number) =>
      Object.assign(stepOf(runPassOf(plan, 'alcoholSpot'), 'mix').ingredients[0] ?? {}, {
        volumeML,
        range: { low: 1, high, unit: 'mL' },
      });
    expect(planted(pen, (plan) => more(plan, 900, 900))).toContain('solventOverCap');
    expect(planted(pen, (plan) => more(plan, 8, 45))).toContain('solventOverCap');
    expect(
      planted(pen, (plan) =>
        firstMix(plan).ingredients.push(
          pour('solventPretreater', { volumeML: 55 }),
          pour('isopropanol', { volumeML: 25 }),
        ),
      ),
    ).toContain('solventOverCap');
  });

  it('a machine, warm water or a dryer while solvent is in the cloth', () => {
    const alcohol = (plan: Writable<Plan>) => runPassOf(plan, 'alcoholSpot');
    expect(
      planted(pen, (plan) => {
        alcohol(plan).actions = alcohol(plan).actions.filter((action) => action.kind !== 'airOut');
      }),
    ).toContain('heatWithSolvent');
    expect(
      planted(pen, (plan) => stepOf(lastOf(plan), 'dry').dryingWays.push('tumbleLow' as never)),
    ).toContain('heatWithSolvent');
    expect(
      planted(pen, (plan) => Object.assign(stepOf(alcohol(plan), 'mix').tempC ?? {}, { max: 45 })),
    ).toContain('heatWithSolvent');
  });

  it('petrol told as tried, and the first water before it is aired out', () => {
    const fuel = { ...trouble('saladOil', tee()), tried: [tried('petrol')] };
    expect(
      planted(fuel, (plan) => {
        firstOf(plan).actions = firstOf(plan).actions.filter((action) => action.kind !== 'airOut');
      }),
    ).toContain('heatWithSolvent');
    expect(
      planted(fuel, (plan) => {
        for (const action of firstOf(plan).actions)
          action.cautionIds = action.cautionIds.filter((id) => String(id) !== 'aspiration') as never;
      }),
    ).toContain('triedCautionMissing');
  });

  describe('on what burns, told as trouble or as product', () => {
    const wax = { ...trouble('candleWax', tee({ colour: 'white' })), tried: [tried('petrol')] };
    const fuel = trouble('fuelSpill', tee());
    const smell = trouble('dryCleanSmell', tee());
    const heated = (agentId: string) => (plan: Writable<Plan>) => {
      const pass = plan.passes.at(-1) ?? expect.unreachable();
      pass.actions.unshift({ ...structuredClone(stepOf(pass, 'apply')), ingredients: [pour(agentId)] });
    };
    it.each([
      ['wax with petrol', wax],
      ['fuel', fuel],
      ['a smell of solvent', smell],
    ])('an iron or steam, even after airing: %s', (_, facts) => {
      expect(planted(facts, heated('warmIron'))).toContain('heatWithSolvent');
      expect(planted(facts, heated('steam'))).toContain('heatWithSolvent');
    });
    it('a vacuum cleaner, by its rinse or by its words', () => {
      expect(
        planted(fuel, (plan) => Object.assign(firstOf(plan).actions[0] ?? {}, { rinseWay: 'vacuum' })),
      ).toContain('heatWithSolvent');
      expect(
        planted(fuel, (plan) =>
          firstOf(plan)
            .actions.at(-1)
            ?.notes.push('Break it up and vacuum.' as never),
        ),
      ).toContain('heatWithSolvent');
      expect(
        planted(fuel, (plan) => firstOf(plan).actions[0]?.notes.push('Break it up and vacuum.' as never)),
      ).toContain('firstActWrong');
    });
    it('water before fuel has aired, and any work on a piece that is soaked with it', () => {
      expect(
        planted(fuel, (plan) => {
          plan.passes.shift();
        }),
      ).toContain('heatWithSolvent');
      const soaked = {
        ...planTreatment(fuel, household, knowledge),
        facts: { ...fuel, size: 'allOver' as const },
      };
      expect(checkPlan(soaked, household, knowledge).map(({ code }) => code)).toContain('heatWithSolvent');
    });
  });

  describe('a first act that does not keep people from harm', () => {
    const first =
      (...texts: string[]) =>
      (plan: Writable<Plan>) => {
        plan.atOnce.actions = texts.map((text) => ({ text, verbs: ['blot'] })) as never;
      };
    const [water, flood, hands, out] = [
      'First rinse out what was put on it, in two cold waters.',
      STANDING_NOTES.floodNow.text,
      STANDING_NOTES.handsOff.text,
      STANDING_NOTES.airOutdoors.text,
    ];
    const on = (markId: string, more: object, ...products: string[]) => ({
      ...trouble(markId, tee({ colour: 'white' }), more),
      tried: products.map(tried),
    });
    it('petrol into a basin, or nothing at all on it', () => {
      const fuel = on('saladOil', {}, 'petrol');
      expect(planted(fuel, first(water))).toContain('firstActWrong');
      expect(planted(fuel, first(out, water))).toContain('firstActWrong');
      expect(planted(fuel, first())).toContain('firstActWrong');
    });
    it('iodine with ammonia: wet and not flooded, or dry and touched', () => {
      const wet = on('iodineMark', { wetness: 'wet' }, 'ammonia');
      expect(planted(wet, first(water))).toContain('firstActWrong');
      expect(planted(wet, first(hands))).toContain('firstActWrong');
      const dry = on('iodineMark', { wetness: 'dry' }, 'ammonia');
      expect(planted(dry, first(flood))).toContain('firstActWrong');
      expect(planted(dry, first(hands, water))).toContain('firstActWrong');
    });
    it('two products that give off gas, in either order, and chlorine on urine', () => {
      for (const facts of [
        on('mildew', {}, 'chlorineBleach', 'vinegar'),
        on('mildew', {}, 'citricAcid', 'mouldSpray'),
        on('humanUrine', {}, 'chlorineBleach'),
      ]) {
        expect(planted(facts, first(water))).toContain('firstActWrong');
        expect(planted(facts, first())).toContain('firstActWrong');
        expect(
          planted(facts, first(STANDING_NOTES.leaveFumes.text, 'White vinegar on a cloth, ten minutes.')),
        ).toEqual(expect.arrayContaining([expect.stringMatching(/firstActWrong|noteAgainstLimit/)]));
      }
    });
    it('a piece with a fluoride rust remover that is rinsed, blotted or washed', () => {
      const fluoride = on('rust', {}, 'strongRustRemover');
      expect(planted(fluoride, first(water))).toContain('firstActWrong');
      expect(planted(fluoride, first(STANDING_NOTES.fluorideOff.text, water))).toContain('firstActWrong');
      const { rounds, passes } = planTreatment({ ...fluoride, tried: [] }, household, knowledge);
      expect(planted(fluoride, (plan) => Object.assign(plan, { rounds, passes }))).toContain(
        'spoiltPieceWorked',
      );
    });
    it('mould in what is slept on, and germs that have soaked a filling, worked on all the same', () => {
      const bed = (size: 'palm' | 'larger' | 'allOver') =>
        trouble('tea', piece('mattress', { cotton: 100 }), { size });
      const grown = (markId: string) => (plan: Writable<Plan>) =>
        Object.assign(plan.facts, { markIds: [markId] });
      for (const found of [planted(bed('palm'), grown('mildew')), planted(bed('allOver'), grown('vomit'))])
        expect(found).toEqual(expect.arrayContaining(['spoiltPieceWorked', 'firstActWrong']));
      expect(planted(bed('palm'), grown('vomit'))).not.toContain('spoiltPieceWorked');
      for (const [markId, size] of [
        ['mildew', 'palm'],
        ['vomit', 'allOver'],
      ] as const) {
        const plan = planTreatment({ ...bed(size), markIds: [markId] }, household, knowledge);
        expect([plan.rounds, checkPlan(plan, household, knowledge)]).toEqual([[], []]);
      }
      // Too careful is wrong too: a spot of mould on a sofa, a hand of vomit on a mattress.
      const sofa = trouble('mildew', piece('armchair', { cotton: 100 }, { code: 'W' }), { size: 'palm' });
      for (const facts of [sofa, { ...bed('palm'), markIds: ['vomit'] }])
        expect(planTreatment(facts, household, knowledge).rounds.length).toBeGreaterThan(0);
    });
    it('gloves, a mask, the plug or the window after the first touch, or not at all', () => {
      const blanket = trouble('tea', piece('electricBlanket', { polyester: 100 }));
      for (const facts of [
        on('vapeLiquid', {}),
        on('vomit', { age: 'days', wetness: 'dry' }),
        on('sootMark', {}),
        on('tea', {}, 'drainCleaner'),
        blanket,
      ]) {
        const guards = planTreatment(facts, household, knowledge)
          .atOnce.actions.filter(({ verbs }) => verbs.includes('protect'))
          .map(({ text }) => text);
        expect(guards.length).toBeGreaterThan(0);
        const lift = STANDING_NOTES.liftFirst.text;
        expect(planted(facts, first(...guards, lift))).not.toContain('guardLate');
        expect(planted(facts, first(lift, ...guards))).toContain('guardLate');
        expect(planted(facts, first(lift))).toContain('guardLate');
        expect(planted(facts, first())).toContain('guardLate');
      }
    });
    it('an electric blanket with a tag that is soaked all the same', () => {
      const blanket = trouble('tea', piece('electricBlanket', { polyester: 100 }, { label: label(30) }));
      const soaked = planTreatment(
        trouble('tea', piece('blanket', { polyester: 100 }, { label: label(60) }), { age: 'weeks' }),
        household,
        knowledge,
      );
      expect(soaked.passes.some(({ actions }) => actions.some(({ bath }) => bath !== null))).toBe(true);
      const { rounds, passes } = soaked;
      expect(planted(blanket, (plan) => Object.assign(plan, { rounds, passes }))).toContain('barredDeedDone');
    });
    it('fuel in foam that is to be blotted', () => {
      const bed = trouble('fuelSpill', {
        ...piece('petBed', { polyester: 100 }),
        parts: [
          { name: 'cover', fibres: [{ fibreId: 'polyester', sharePct: 100 }] },
          { name: 'filling', fibres: [{ fibreId: 'foam', sharePct: 100 }] },
        ],
      });
      expect(planted(bed, first(STANDING_NOTES.blotFirst.text))).toContain('firstActWrong');
    });
    it('a towel soaked with varnish that is blotted, or washed', () => {
      const cotton = piece('towel', { cotton: 100 }, { label: label(60) });
      const soaked = trouble('woodVarnish', cotton, { size: 'allOver', age: 'hours' });
      const washed = planTreatment(
        trouble('saladOil', cotton, { size: 'allOver', age: 'hours' }),
        household,
        knowledge,
      );
      const { rounds, passes } = washed;
      expect(planted(soaked, first(STANDING_NOTES.blotFirst.text))).toContain('firstActWrong');
      expect(planted(soaked, (plan) => Object.assign(plan, { rounds, passes }))).toContain('heatWithSolvent');
    });
  });

  it('webbing that holds somebody in a soak, a drum, warm water, acid or enzymes', () => {
    const straps = trouble('saladOil', piece('straps', { polyester: 100 }, { colour: 'dark' }));
    const mixOf = (plan: Writable<Plan>) =>
      plan.passes.flatMap(({ actions }) => actions).find(({ kind }) => kind === 'mix') ??
      expect.unreachable();
    const weakened = (fault: object) => planted(straps, (plan) => Object.assign(mixOf(plan), fault));
    for (const agentId of ['vinegar', 'enzymePretreater', 'oxygenBleach', 'isopropanol', 'mineralSpirits'])
      expect(weakened({ ingredients: [pour(agentId)] }), agentId).toContain('webbingWeakened');
    expect(weakened({ programme: 'veryMild' })).toContain('webbingWeakened');
    expect(weakened({ tempC: { min: 30, max: 40, target: 40 } })).toContain('webbingWeakened');
    expect(weakened({ bath: { waterL: 5, shares: {} } })).toContain('webbingWeakened');
    const onPram = {
      ...trouble('saladOil', piece('pram', { polyester: 100 }, { label: label(30) })),
      partIndex: 1,
    };
    const parts = ['cover', 'webbing'].map((name) => ({
      name,
      fibres: [{ fibreId: 'polyester', sharePct: 100 }],
    }));
    const pram = { ...onPram, piece: { ...onPram.piece, parts } };
    expect(planted(pram, (plan) => Object.assign(mixOf(plan), { programme: 'veryMild' }))).toContain(
      'webbingWeakened',
    );
  });

  it('an oily cloth in a dryer before a hot wash', () => {
    const oil = trouble('saladOil', tee());
    expect(
      planted(oil, (plan) => stepOf(firstOf(plan), 'look').dryingWays.push('tumbleLow' as never)),
    ).toContain('oilToDryer');
  });

  it('a line that asks for what the piece does not bear, or that nobody knows', () => {
    const silk = trouble('tea', piece('scarf', { silk: 100 }, { label: { ...label(40), shade: true } }));
    const say = (text: string) => (plan: Writable<Plan>) =>
      stepOf(lastOf(plan), 'dry').notes.push(text as never);
    expect(planted(silk, say('Sun until fully dry, then smell it again, dry and warm.'))).toContain(
      'noteAgainstLimit',
    );
    expect(planted(silk, say('Soft brush, from the outside inwards.'))).toContain('noteAgainstLimit');
    expect(planted(tea, say('Boil it in lye.'))).toContain('noteAgainstLimit');
    expect(
      planted({ ...tea, piece: { ...tea.piece, label: label(60, 'never') } }, (plan) =>
        stepOf(firstOf(plan), 'look').notes.push(
          'If it turns faintly yellow: rinse fully, then wash with oxygen bleach.' as never,
        ),
      ),
    ).toContain('noteAgainstLimit');
  });

  it('a line that asks for what must not meet a product that may still be on it', () => {
    const vinegar = 'Vinegar in the last rinse.';
    const say = (plan: Writable<Plan>) => stepOf(lastOf(plan), 'dry').notes.push(vinegar as never);
    const fish = (agentId: string) => ({ ...trouble('fish', tee()), tried: [tried(agentId)] });
    expect(planted(fish('chlorineBleach'), say)).toContain('noteAgainstLimit');
    expect(planted(fish('liquidDetergent'), say)).not.toContain('noteAgainstLimit');
    const textOf = (agentId: string) => JSON.stringify(planTreatment(fish(agentId), household, knowledge));
    expect(textOf('liquidDetergent')).toContain(vinegar);
    expect(textOf('chlorineBleach')).not.toContain(vinegar);
  });

  it('a line against what is done or barred beside it', () => {
    const tumble = 'Once it is gone, seen in daylight, tumble it with balls.';
    expect(
      planted(pen, (plan) => stepOf(runPassOf(plan, 'alcoholSpot'), 'look').notes.push(tumble as never)),
    ).toContain('noteAgainstAction');
    const oil = { ...trouble('saladOil', tee()), tried: [tried('vinegar')] };
    expect(
      planted(oil, (plan) => {
        const wet = plan.passes.find((pass) => pass.actions.some((action) => action.kind === 'rinseBefore'));
        wet?.actions.find((action) => action.kind === 'apply')?.notes.push('No water first.' as never);
      }),
    ).toContain('noteAgainstAction');
  });

  it('chlorine on urine that was seen to go, once the ban of its mark is taken out', () => {
    const gone = {
      ...trouble('mattressRing', piece('bedSheet', { cotton: 100 }, { label: label(95, 'any') })),
      goneComponentIds: ['urineSalts'],
    };
    const home = { ...household, allowChlorine: true };
    expect(planted(gone, (plan) => firstMix(plan).ingredients.push(pour('chlorineBleach')), home)).toContain(
      'personBanLost',
    );
  });

  it('a spray of what burns or fumes', () => {
    expect(
      planted(pen, (plan) => {
        stepOf(runPassOf(plan, 'alcoholSpot'), 'apply').notes.push(
          'Vinegar and water 1 to 1 in the sprayer, open when you put it away. The soda stays dry.' as never,
        );
      }),
    ).toContain('hazardInClosed');
  });

  it('a reducer with little water, and an oxidiser on a fuel', () => {
    expect(
      planted(pen, (plan) =>
        firstMix(plan).ingredients.push(pour('runRemover', { massG: 50, volumeML: 50 })),
      ),
    ).toContain('tooLittleWater');
    for (const fuel of ['isopropanol', 'esterRemover', 'glycerine', 'mineralSpirits'])
      expect(
        planted(pen, (plan) =>
          firstMix(plan).ingredients.push(
            pour('oxygenBleach', { massG: 10, volumeML: 10 }),
            pour(fuel, { volumeML: 5 }),
          ),
        ),
      ).toContain('burnsInVessel');
  });

  it('a vessel that its bath attacks', () => {
    const zinc = {
      ...household,
      vessels: household.vessels.map((vessel) => ({ ...vessel, material: 'zinc' as const })),
    };
    const soak = trouble('smoke', piece('tShirt', { cotton: 100 }, { label: label(40) }), {
      size: 'allOver',
    });
    const into = (agentId: string) => (plan: Writable<Plan>) => {
      const mix = firstMix(plan);
      Object.assign(mix, { vessel: { id: 'basin', name: 'tub', volumeL: 9, fillL: 5 } });
      mix.ingredients.push(pour(agentId));
    };
    for (const agentId of ['vinegar', 'softener', 'washingSoda', 'oxygenBleach'])
      expect(planted(soak, into(agentId), zinc)).toContain('vesselAttacked');
    const steel = {
      ...zinc,
      vessels: zinc.vessels.map((one) => ({ ...one, material: 'stainless' as const })),
    };
    expect(planted(soak, into('chlorineBleach'), steel)).toContain('vesselAttacked');
  });

  it('more than the directions give to a litre', () => {
    const yellow = trouble('storageYellow', piece('tableLinen', { linen: 100 }, { label: label(60) }), {
      size: 'allOver',
    });
    expect(
      planted(yellow, (plan) => {
        const mix = plan.passes
          .flatMap((pass) => pass.actions)
          .find((action) => action.bath && action.ingredients.some((one) => one.agentId === 'oxygenBleach'));
        Object.assign(mix?.ingredients.find((one) => one.agentId === 'oxygenBleach') ?? {}, { massG: 900 });
      }),
    ).toContain('overDirections');
  });

  it('foam, latex, glue and silk velvet wetted against their kind', () => {
    const filled =
      (fibreId: string, name = 'filling') =>
      (plan: Writable<Plan>) => {
        plan.facts.piece.parts.push({ name, fibres: [{ fibreId, sharePct: 100 }] } as never);
      };
    const pillow = trouble('tea', piece('pillow', { cotton: 100 }, { label: label(40) }));
    for (const fibreId of ['foam', 'latex'])
      expect(planted(pillow, filled(fibreId))).toContain('againstConstruction');
    expect(planted(tea, filled('linen', 'glued trim'))).toContain('againstConstruction');
    expect(
      planted(trouble('tea', piece('velvetPiece', { cotton: 100 })), (plan) => {
        Object.assign(plan.facts.piece.parts[0] ?? {}, { fibres: [{ fibreId: 'silk', sharePct: 100 }] });
      }),
    ).toContain('againstConstruction');
  });

  it('a piece too heavy for the drum, an unlabelled filling too warm, a coating under the iron', () => {
    const throwOver = trouble('tea', piece('blanket', { cotton: 100 }, { label: label(40) }));
    expect(planted(throwOver, (plan) => Object.assign(plan.facts.piece, { dryMassG: 7000 }))).toContain(
      'programmeTooStrong',
    );
    const pillow = trouble('tea', piece('pillow', { cotton: 100 }, { label: label(60) }));
    expect(planted(pillow, (plan) => Object.assign(plan.facts.piece, { label: null }))).toContain('tooHot');
    const cloth = trouble('candleWax', piece('tableLinen', { cotton: 100 }, { label: null }));
    expect(
      planted(cloth, (plan) => {
        Object.assign(plan.facts.piece.parts[0] ?? {}, {
          fibres: [{ fibreId: 'coating', sharePct: 100 }],
        });
      }),
    ).toContain('agentOnForbiddenFibre');
  });

  it('a freezer for what holds a vapour, and a chlorinated solvent that goes into a basin first', () => {
    const gum = trouble('tar', tee());
    const wet = (agentId: string) => (plan: Writable<Plan>) => {
      plan.facts.tried.push({ agentId, times: 1, effect: 'unknown', hot: false, washedOut: 'no' } as never);
    };
    expect(planted(gum, wet('petrol'))).toContain('firstActWrong');
    expect(planted(trouble('tea', tee()), wet('chlorinatedSolvent'))).toContain('firstActWrong');
    const made = planTreatment(
      { ...gum, tried: [{ agentId: 'petrol', times: 1, effect: 'unknown', hot: false, washedOut: 'no' }] },
      household,
      knowledge,
    );
    expect(JSON.stringify(made.atOnce)).not.toMatch(/freezer/i);
    expect(JSON.stringify(made.rounds)).not.toMatch(/freezer/i);
    const plain = planTreatment(gum, household, knowledge);
    expect(JSON.stringify(plain.atOnce)).toMatch(/freezer/i);
  });

  it('a mattress or sofa drenched', () => {
    const sofa = trouble('tea', piece('armchair', { cotton: 100 }, { code: 'W' }));
    expect(planted(sofa, (plan) => Object.assign(firstMix(plan), { waterML: 400 }))).toContain('drenched');
  });

  it('a bleeding piece or a dye run in company', () => {
    const alone = (plan: Writable<Plan>) => {
      for (const pass of plan.passes)
        for (const action of pass.actions)
          action.notes = action.notes.filter((text) => !/alone/i.test(String(text))) as never;
    };
    expect(planted(trouble('tea', tee({ colour: 'dark', fastness: 'failed' })), alone)).toContain(
      'inCompany',
    );
    expect(planted(trouble('dyeRun', tee()), alone)).toContain('inCompany');
    expect(planted(pen, alone)).toContain('inCompany');
  });

  it('a spin where the tag says drip dry, and steam where the iron is crossed out', () => {
    const drip = trouble('tea', tee({ label: { ...label(40), natural: 'drip' } }));
    expect(
      planted(drip, (plan) => {
        for (const pass of plan.passes)
          for (const action of pass.actions)
            action.notes = action.notes.filter((text) => !/spin/i.test(String(text))) as never;
      }),
    ).toContain('againstTag');
    const noIron = trouble(
      'smoke',
      piece('jumper', { wool: 100 }, { label: { ...label(30), iron: 'never' } }),
    );
    expect(
      planted(noIron, (plan) => stepOf(firstOf(plan), 'apply').ingredients.push(pour('steam'))),
    ).toContain('againstTag');
  });

  it('what a caution of the piece or the trouble bars', () => {
    const felt = trouble('dust', piece('feltHat', { wool: 100 }));
    expect(
      planted(trouble('tea', felt.piece), (plan) =>
        Object.assign(stepOf(firstOf(plan), 'apply'), { action: 'softBrush' }),
      ),
    ).toContain('barredDeedDone');
    const glue = trouble('superGlueMark', tee(), { wetness: 'wet' });
    const home = {
      ...household,
      cupboard: [...household.cupboard, { agentId: 'acetone', strengthPct: null }],
    };
    expect(
      planted(glue, (plan) => Object.assign(stepOf(firstOf(plan), 'firstAid'), { action: 'blot' }), home),
    ).toContain('barredDeedDone');
  });

  it('what is kept from people of the house', () => {
    const pouring = (agentId: string) => (plan: Writable<Plan>) =>
      firstMix(plan).ingredients.push(pour(agentId));
    expect(planted(tea, pouring('runRemover'), { ...household, asthma: true })).toContain('keptFromPeople');
    expect(planted(tea, pouring('mineralSpirits'), { ...household, pregnancy: true })).toContain(
      'keptFromPeople',
    );
    expect(planted(tea, pouring('borax'), { ...household, pets: true })).toContain('keptFromPeople');
    expect(planted(tea, pouring('oxalicAcid'), { ...household, baby: true })).toContain('keptFromPeople');
    const mould = trouble('mildew', tee());
    const asthma = { ...household, asthma: true };
    expect(
      planted(
        mould,
        (plan) => {
          const pass = firstOf(plan);
          pass.actions = pass.actions.filter((action) => action.kind !== 'mix');
          Object.assign(stepOf(pass, 'apply'), { action: 'softBrush' });
        },
        asthma,
      ),
    ).toContain('keptFromPeople');
  });

  it('iodine with ammonia that is not flooded out before anything else', () => {
    const iodine = { ...trouble('iodineMark', tee(), { wetness: 'wet' }), tried: [tried('ammonia')] };
    expect(
      planted(iodine, (plan) => Object.assign(stepOf(firstOf(plan), 'rinseBefore'), { rinses: 2 })),
    ).toContain('driesExplosive');
  });

  it('every kind of violation of this page: each has been planted above', () => {
    expect(PLANTED_IN_WORK_TEST.filter((code) => !seen.has(code))).toEqual([]);
  });
});

describe('the checker', () => {
  it('reads work and not the form of a plan: a bare list is judged as well', () => {
    const stretch: Work = {
      where: 'somewhere',
      kind: 'treat',
      turn: 0,
      round: 0,
      turnName: 'bareWork',
      repeats: 1,
      pours: [
        { agentId: 'acetone', massG: null, volumeML: 40, most: null, strengthPct: null, byLabel: false },
      ],
      putOnML: null,
      waterML: 0,
      soaks: false,
      vesselId: null,
      tempC: null,
      pH: null,
      bathC: null,
      minutes: { least: 1, most: 5 },
      driesOnPiece: false,
      attended: true,
      hand: null,
      programme: null,
      changes: 0,
      rinse: null,
      drying: [],
      says: [],
      cautionIds: [],
    };
    const codes = checkWork(
      { work: [stretch], atOnce: [], atTub: [], advice: [] },
      pen,
      household,
      knowledge,
    ).map(({ code }) => code);
    expect(codes).toEqual(expect.arrayContaining(['solventOverCap', 'cautionMissing', 'lookMissing']));
  });

  it('believes no plan about the causes of a trouble: it weighs the answers itself', () => {
    const yellow = { ...trouble('yellowed', tee()), answers: { yellowWhere: 'collarArmpit' } };
    const plan = planted(yellow, (made) => {
      made.diagnoses = [] as never;
    });
    expect(plan).toEqual([]);
  });
});
