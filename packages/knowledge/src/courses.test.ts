import { describe, expect, it } from 'vitest';
import { courseFaults } from './courseFaults.js';
import type { Knowledge } from './knowledge.js';
import { loadKnowledge } from './loadKnowledge.js';
import { namingFaults } from './namingFaults.js';
import { noteFaults } from './noteFaults.js';
import type { Cloth, ClothCourse, Course, CoursePass } from './schema/course.js';
import { CLOTHS } from './vocabulary.js';

type Filled = Extract<ClothCourse, { kind: 'course' }>;

const knowledge = loadKnowledge();
const course = (id: string): Course =>
  knowledge.courses.find((one) => one.id === id) ?? expect.unreachable(`no course ${id}`);
const on = (id: string, cloth: Cloth): Filled => {
  const given = course(id).cloths[cloth];
  return given.kind === 'course' ? given : expect.unreachable(`${id} is closed on ${cloth}`);
};
/** The best way of each pass on any fibre. */
const bestOf = ({ methodIds }: CoursePass) =>
  methodIds.find((id) => knowledge.methods.some((one) => one.id === id && one.fibreGroups.length === 0));
const waysOf = (passes: readonly CoursePass[]) => passes.map(bestOf);
/** The pass of a round whose best way is this. */
const passOf = (passes: readonly CoursePass[], methodId: string): CoursePass =>
  passes.find((pass) => bestOf(pass) === methodId) ??
  expect.unreachable(`no ${methodId} in ${waysOf(passes)}`);
const textOf = (notes: readonly { text: string }[]) => notes.map((note) => note.text).join(' ');
const nevers = (id: string) =>
  course(id)
    .never.map(({ what, why }) => `${what.text} ${why}`)
    .join(' ');
/** These ways stand in this order, others may stand between. */
function expectInOrder(passes: readonly CoursePass[], wanted: readonly string[]) {
  const found = waysOf(passes).filter((id) => id !== undefined && wanted.includes(id));
  expect(found).toEqual(wanted);
}

describe('courses', () => {
  it('are one for each trouble, and each class of cloth is filled or honestly closed', () => {
    const missing = knowledge.marks.flatMap((mark) => {
      const own = knowledge.courses.filter((one) => one.markIds.includes(mark.id));
      return own.length === 1 ? CLOTHS.filter((cloth) => own[0]?.cloths[cloth] === undefined) : [mark.id];
    });
    expect(missing).toEqual([]);
    expect(knowledge.courses.length).toBeGreaterThanOrEqual(90);
  });
  it('say what it is, how to tell, and what to do with the cause, each in a line a person can read', () => {
    for (const { id, verdict } of knowledge.courses) {
      for (const text of [verdict.is, verdict.cause, ...verdict.tells.map((one) => one.see.text)])
        expect([id, text.length]).toEqual([id, Math.min(text.length, 160)]);
      expect([id, verdict.causeAction.length > 0]).toEqual([id, true]);
    }
  });
  it('end: a second round is counted and says what comes then', () => {
    for (const { id, cloths } of knowledge.courses)
      for (const given of Object.values(cloths))
        if (given.kind === 'course') {
          expect([id, given.end.rounds <= 5]).toEqual([id, true]);
          expect([id, given.checks.length > 0]).toEqual([id, true]);
        }
  });
});

/** A copy of the knowledge in which one course is changed, so that a rule has something to find. */
function planted(id: string, change: (one: Course) => void): Knowledge {
  const copy = structuredClone(knowledge);
  const one = copy.courses.find((candidate) => candidate.id === id);
  change(one ?? expect.unreachable(id));
  return copy;
}
const faultsOf = (id: string, change: (one: Course) => void) => {
  const knowledge = planted(id, change);
  return [...courseFaults(knowledge), ...namingFaults(knowledge)].join('\n');
};
const filled = (one: Course, cloth: Cloth): Filled => one.cloths[cloth] as Filled;

describe('what is wrong with a course is found', () => {
  it('a trouble with two courses, or with none', () => {
    expect(faultsOf('blood', (one) => one.markIds.push('egg'))).toMatch(/marks\.egg: 2 courses/);
    expect(faultsOf('blood', (one) => one.markIds.splice(0))).toMatch(/marks\.blood: 0 courses/);
  });
  it('minutes or heat its way does not have', () => {
    expect(
      faultsOf('blood', (one) =>
        Object.assign(filled(one, 'white').first[0] ?? {}, { minutes: { min: 500, max: 600 } }),
      ),
    ).toMatch(/500–600 min is not of coldFromBack/);
    expect(
      faultsOf('blood', (one) =>
        Object.assign(filled(one, 'white').first[0] ?? {}, { tempC: { min: 60, max: 70 } }),
      ),
    ).toMatch(/60–70 °C/);
    expect(
      faultsOf('blood', (one) =>
        Object.assign(filled(one, 'coloured').wash ?? {}, { tempC: { min: 80, max: 90 } }),
      ),
    ).toMatch(/a wash at 80–90 °C/);
  });
  it('local work after a bath', () => {
    expect(faultsOf('yellowSweat', (one) => filled(one, 'white').first.reverse())).toMatch(
      /comes after a later kind of work/,
    );
  });
  it('acid and oxygen without a full rinse between; on a surface without drying', () => {
    expect(
      faultsOf('wineBerry', (one) =>
        Object.assign(passOf(filled(one, 'coloured').first, 'vinegarDetergentSpot'), { after: 'short' }),
      ),
    ).toMatch(/vinegarDetergentSpot and colourOxygenSoak meet/);
    expect(
      faultsOf('wineBerry', (one) =>
        Object.assign(passOf(filled(one, 'surface').first, 'vinegarDetergentBlot'), { after: 'full' }),
      ),
    ).toMatch(/meet \(peroxideAcid/);
  });
  it('a second solvent, or an iron, where the first has not been aired out', () => {
    const unaired = (one: Course) => {
      const round = filled(one, 'white').first;
      round.push(
        structuredClone(passOf(round, 'spiritsSpot')),
        structuredClone(passOf(round, 'ironThroughPaper')),
      );
      for (const pass of round) {
        pass.after = 'none';
        if (pass.methodIds[0] === 'airSolventOut') pass.methodIds = ['liftOff'];
      }
    };
    expect(faultsOf('candleWax', unaired)).toMatch(/spiritsSpot and ironThroughPaper meet \(hydrocarbonIron/);
  });
  it('a line about wool where nothing says there is wool', () => {
    const [note] = course('blood').atOnce.garment;
    expect(
      faultsOf('mud', (one) =>
        filled(one, 'coloured').notes.push({
          ...(note ?? expect.unreachable()),
          text: 'Wool hardly needs it.',
        }),
      ),
    ).toMatch(/names wool/);
  });
  it('a line that speaks of bleach and does not say what it means by it', () => {
    const copy = planted('mud', (one) =>
      one.says.push({ text: 'Bleach it.', when: 'always', asks: [], bars: [], names: [] }),
    );
    expect(noteFaults(copy).join('\n')).toMatch(/speaks of bleach/);
  });
  it('a carpet or a seat closed into a bag', () => {
    expect(
      faultsOf('mothballSolvent', (one) =>
        filled(one, 'surface').first.push(
          structuredClone(passOf(filled(one, 'white').second, 'absorbentBag')),
        ),
      ),
    ).toMatch(/surface: absorbentBag needs a piece that fits a bag/);
  });
  it('a class that does nothing', () => {
    const emptied = (one: Course) =>
      Object.assign(filled(one, 'white'), { first: [], second: [], wash: null });
    expect(faultsOf('mud', emptied)).toMatch(/does nothing/);
  });
});

/** The jobs written out with the planner's rules: each follows from a course as it is. */
describe('the eighteen jobs', () => {
  it('grape jelly on a seat of code W', () => {
    const { first, notes } = on('sugarColoured', 'surface');
    expectInOrder(first, ['liftOff', 'coldBlot', 'detergentBlot']);
    expect(passOf(first, 'detergentBlot').methodIds).toContain('whiteSoapBlot');
    expect(textOf(notes)).toMatch(/last pass of plain cold water/);
  });
  it('fish smell on a cotton jacket', () => {
    const { first, wash, dry, end } = on('fishSmell', 'coloured');
    expectInOrder(first, ['plainWaters', 'odourRemoverSpot', 'vinegarSpot']);
    expect(passOf(first, 'vinegarSpot')).toMatchObject({ minutes: { min: 15 }, after: 'full' });
    expect(textOf(wash?.extra ?? [])).toMatch(/Vinegar in the last rinse/);
    expect(dry.ways).toContain('sun');
    expect(end.next).toBe('discard');
    expect(nevers('fishSmell')).toMatch(/dryer/);
  });
  it('an old dye run on a white towel with a coloured border', () => {
    const { first, second } = on('dyeRun', 'white');
    expect(passOf(first, 'dyeSuspendingSoak').minutes).toEqual({ min: 20, max: 80 });
    expectInOrder(second, ['reducerSoak', 'oxygenSoak']);
    expect(passOf(second, 'reducerSoak')).toMatchObject({
      after: 'full',
      advice: [expect.objectContaining({ text: expect.stringMatching(/border try a corner first/) })],
    });
  });
  it('mud on a white knit', () => {
    const { first, second } = on('mud', 'white');
    expectInOrder(first, ['brushOffDry', 'enzymePretreat', 'peroxidePaste']);
    expect(textOf(passOf(first, 'peroxidePaste').advice)).toMatch(/barrier under it.*Five hours/);
    expect(waysOf(second)).toContain('oxygenSoak');
  });
  it('grass, tomato and blackcurrant on white trousers: one pre-treat, one wash', () => {
    const { first, wash } = on('severalMarks', 'white');
    expect(waysOf(first).filter((id) => id === 'enzymePretreat')).toHaveLength(1);
    expect(wash).toMatchObject({
      methodIds: expect.arrayContaining(['whitesPowderWash']),
      tempC: { min: 40, max: 40 },
    });
    expect(nevers('severalMarks')).toMatch(/A wash and a drying for each mark/);
  });
  it('dirty white loose covers', () => {
    const { first, dry } = on('looseCovers', 'white');
    expectInOrder(first, ['dryVacuum', 'neatDetergentSpot', 'oxygenSoak']);
    expect(passOf(first, 'oxygenSoak').minutes).toEqual({ min: 90, max: 150 });
    expect(textOf(dry.notes)).toMatch(/Ten to fifteen minutes/);
    expect(textOf(course('looseCovers').prevent)).toMatch(/two months/);
  });
  it('the smell of synthetic sports things', () => {
    const { first, wash } = on('kitSmell', 'synthetic');
    expect(first[0]).toMatchObject({ methodIds: ['vinegarSoak'], minutes: { min: 30, max: 60 } });
    expect(wash?.methodIds).toContain('gentleMachineWash');
    expect(nevers('kitSmell')).toMatch(/Softener, a dryer.*Cider/);
  });
  it('build-up in navy towels, and in white ones apart', () => {
    expect(textOf(passOf(on('deepStrip', 'coloured').first, 'deepStrip').advice)).toMatch(
      /A fresh bath for each colour, and no oxygen/,
    );
    expect(passOf(on('deepStrip', 'white').first, 'deepStrip').minutes?.min).toBeGreaterThanOrEqual(240);
    expect(
      course('deepStrip')
        .verdict.tells.map((one) => one.means)
        .join(' '),
    ).toMatch(/Dirt.*Dye.*Cannot tell/);
  });
  it('antique lace with a silk lining', () => {
    const { first, wash, dry, end } = on('laceSmell', 'delicate');
    expectInOrder(first, ['dryVacuum', 'absorbentBag', 'delicateHandSoak']);
    expect(passOf(first, 'delicateHandSoak').expect).toMatch(/net.*lining/);
    expect(wash).toBeNull();
    expect(dry.ways).toContain('flat');
    expect(end.next).toBe('professional');
    expect(nevers('laceSmell')).toMatch(/Hung wet/);
  });
  it('motor oil on a white tee', () => {
    const { first, wash, dry } = on('oilGrease', 'white');
    expectInOrder(first, ['absorbentDust', 'spiritsSpot', 'neatDetergentSpot', 'airSolventOut']);
    expect(wash?.tempC).toEqual({ min: 40, max: 60 });
    expect(dry.ways).toEqual(['line']);
    expect(nevers('oilGrease')).toMatch(/lidded can with water/);
  });
  it('red wine on a carpet', () => {
    const { first, second } = on('wineBerry', 'surface');
    expectInOrder(first, ['coldBlot', 'vinegarDetergentBlot', 'weighDown']);
    expect(passOf(second, 'peroxideDab')).toMatchObject({
      minutes: { min: 3, max: 5 },
      when: expect.arrayContaining([expect.objectContaining({ checkId: 'acidBlotted' })]),
    });
  });
  it('make-up on white towels', () => {
    const { first, wash, dry } = on('whiteTowels', 'white');
    expect(passOf(first, 'peroxideDetergentSpot')).toMatchObject({
      minutes: { max: 20 },
      advice: [expect.objectContaining({ text: expect.stringMatching(/floods a front loader/) })],
    });
    expect(textOf(wash?.extra ?? [])).toMatch(/vinegar in the softener compartment/);
    expect(textOf(dry.notes)).toMatch(/no sheets/);
  });
  it('dried wine on a white handkerchief', () => {
    const dip = passOf(on('wineBerry', 'white').first, 'hotOxygenDip');
    expect(dip.expect).toMatch(/Blue/);
    expect(dip.when).toContainEqual({ anyOf: [{ wet: false }], checkId: 'isDriedIn', isAsked: true });
  });
  it('its own trim has run into a white dress', () => {
    const { first, dry } = on('ownRun', 'white');
    expect(first[0]).toMatchObject({
      methodIds: ['dyeSuspendingSoak'],
      minutes: { min: 20, max: 80 },
      after: 'noFoam',
    });
    expect(dry.ways).toEqual(['flat']);
  });
  it('the white sweatband of a stiffened cap', () => {
    const { first, wash, dry } = on('capsBands', 'white');
    expect(waysOf(first)[0]).toBe('sweatbandWipe');
    expect(wash).toBeNull();
    expect(textOf(dry.notes)).toMatch(/overnight/);
  });
  it('a mattress with fluids and food', () => {
    const { first, notes, end } = on('mattressMarks', 'surface');
    expectInOrder(first, ['dryVacuum', 'odourRemoverLong', 'mattressPeroxideCoat']);
    expect(passOf(first, 'odourRemoverLong').minutes?.min).toBeGreaterThanOrEqual(30);
    expect(textOf(notes)).toMatch(/twenty centimetres/);
    expect(textOf(end.notes)).toMatch(/eight years/);
  });
  it('a yellowed white tee in hard water', () => {
    const { first, wash, end } = on('yellowSweat', 'white');
    expect(passOf(first, 'longOxygenSoak').minutes).toEqual({ min: 360, max: 480 });
    expect(textOf(wash?.extra ?? [])).toMatch(/Half a measure, extra rinse; citrate in hard water/);
    expect(end.rounds).toBe(3);
  });
  it('candle wax on a tablecloth', () => {
    const { first, wash } = on('candleWax', 'white');
    expectInOrder(first, [
      'chillAndChip',
      'ironThroughPaper',
      'spiritsSpot',
      'neatDetergentSpot',
      'airSolventOut',
    ]);
    expect(wash?.tempC.min).toBe(60);
    expect(nevers('candleWax')).toMatch(/dyed wax over synthetics/);
  });
});
