import { shareByDay } from '../testing/byDay';
import { addressOf, Desk, machine, tag } from './desk';
import { atNight, expect } from './worker';

type Blend = Record<string, number>;
interface Told {
  readonly marks: readonly string[];
  readonly item: string;
  readonly parts: Record<string, Blend>;
  readonly piece?: object;
  readonly facts?: object;
}
interface Case extends Told {
  readonly name: string;
  readonly passes: readonly string[];
  /** Words that must stand on the page. */
  readonly says?: readonly RegExp[];
}

const carpet = {
  item: 'carpet',
  parts: { pile: { wool: 80, polyamide: 20 }, backing: { jute: 100 } },
  piece: { colour: 'mid', code: 'W' },
};
const chair = {
  item: 'armchair',
  parts: { cover: { viscose: 60, cotton: 40 }, filling: { polyester: 100 } },
};
const whole = { size: 'allOver' };
const fresh = { age: 'minutes', wetness: 'wet' };

/** Troubles a household meets; each must bring a short plan of its own to the screen. */
const CASES: readonly Case[] = [
  {
    name: 'berry wine on a stair carpet, fresh',
    ...carpet,
    marks: ['blackcurrant'],
    facts: fresh,
    passes: ['coldBlot', 'vinegarDetergentBlot', 'weighDown'],
  },
  {
    name: 'berry wine on a stair carpet, a week old',
    ...carpet,
    marks: ['blackcurrant'],
    facts: { age: 'weeks', wetness: 'dry' },
    passes: ['vinegarDetergentBlot', 'peroxideDab'],
    says: [/odds are lower/],
  },
  {
    name: 'mattress with blood and soup',
    marks: ['blood', 'soup'],
    item: 'mattress',
    parts: { ticking: { cotton: 60, polyester: 40 }, filling: { polyester: 100 } },
    piece: { colour: 'white' },
    facts: { age: 'days', wetness: 'dry' },
    passes: ['absorbentDust', 'detergentBlot', 'peroxideDab'],
    says: [/One plan for all 2/, /Never flooded/],
  },
  {
    name: 'stiffened band cap with sweat',
    marks: ['sweatMark'],
    item: 'cap',
    parts: { crown: { cotton: 100 }, sweatband: { cotton: 100 }, stiffener: {} },
    piece: { colour: 'dark' },
    facts: { age: 'weeks' },
    passes: ['sweatbandWipe'],
    says: [/Never soaked/],
  },
  {
    name: 'loose settle covers too large for the tub',
    marks: ['greyed'],
    item: 'looseCover',
    parts: { 'whole piece': { cotton: 100 } },
    piece: { colour: 'white', label: machine(60), dryMassG: 14_000 },
    facts: whole,
    passes: ['dryVacuum', 'oxygenSoak'],
  },
  {
    name: 'indigo run from jeans on cream curtains',
    marks: ['dyeRun'],
    item: 'curtain',
    parts: { 'whole piece': { cotton: 60, linen: 40 } },
    piece: { colour: 'natural', label: machine(40) },
    facts: { ...whole, wetness: 'wet', age: 'hours', reach: 'shop' },
    passes: ['dyeSuspendingSoak'],
    says: [/do not tumble/],
  },
  {
    name: 'red run from its own binding on a tablecloth',
    marks: ['ownRun'],
    item: 'tableLinen',
    parts: { 'whole piece': { linen: 100 }, binding: { cotton: 100 } },
    piece: { colour: 'multicoloured', fastness: 'failed', label: machine(60) },
    facts: { ...whole, wetness: 'wet', age: 'hours' },
    passes: ['delicateHandSoak'],
    says: [/Keep it wet, cold and moving/],
  },
  {
    name: 'lace collar with silk ribbon and an old smell',
    marks: ['musty'],
    item: 'lacePiece',
    parts: { lace: { cotton: 100 }, ribbon: { silk: 100 } },
    piece: { colour: 'natural', condition: 'antique' },
    facts: { ...whole, age: 'months' },
    passes: ['airing'],
    says: [/conservator/],
  },
  {
    name: 'padded riding breeches',
    marks: ['kitSmell'],
    item: 'paddedShorts',
    parts: { shell: { polyamide: 80, elastane: 20 }, padding: { polyester: 100 } },
    piece: { colour: 'dark', label: machine(30, { bleach: 'never', tumble: 'never' }) },
    facts: whole,
    passes: ['vinegarSoak', 'gentleMachineWash'],
    says: [/The pad splits/],
  },
  {
    name: 'dark bath sheets with build-up',
    marks: ['stiffTowels'],
    item: 'towel',
    parts: { 'whole piece': { cotton: 100 } },
    piece: { colour: 'dark', fastness: 'proven', label: machine(60) },
    facts: { ...whole, age: 'months' },
    passes: ['deepStrip', 'vinegarRinse'],
    says: [/Softener makes towels absorb less/],
  },
  {
    name: 'chain oil on canvas trousers',
    marks: ['chainGrease'],
    item: 'trousers',
    parts: { 'whole piece': { cotton: 100 } },
    piece: { colour: 'mid', label: machine(40) },
    facts: { age: 'hours' },
    passes: ['absorbentDust', 'neatDetergentSpot'],
    says: [/No water first/],
  },
  {
    name: 'moss and mud on a white knitted jumper',
    marks: ['moss', 'mud'],
    item: 'jumper',
    parts: { 'whole piece': { wool: 100 } },
    piece: { colour: 'white' },
    facts: { age: 'hours', wetness: 'dry' },
    passes: ['brushOffDry', 'delicateHandSoak'],
  },
  {
    name: 'X-coded chair',
    ...chair,
    marks: ['coffee'],
    piece: { colour: 'mid', code: 'X' },
    facts: fresh,
    passes: ['dryBlot'],
    says: [/Code X: vacuum and brush only/],
  },
  {
    name: 'S-coded chair',
    ...chair,
    marks: ['coffee'],
    piece: { colour: 'mid', code: 'S' },
    facts: fresh,
    passes: ['dryBlot', 'absorbentOnWet'],
    says: [/Code S: no water/],
  },
  {
    name: 'coir mat',
    marks: ['mud'],
    item: 'doormat',
    parts: { pile: { coir: 100 }, backing: {} },
    piece: { colour: 'natural' },
    facts: { age: 'days' },
    passes: ['brushOffDry'],
    says: [/browns when wetted/],
  },
  {
    name: 'down pillow with blood',
    marks: ['blood'],
    item: 'pillow',
    parts: { cover: { cotton: 100 }, filling: { down: 100 } },
    piece: { colour: 'white', label: machine(40) },
    facts: { age: 'hours' },
    passes: ['coldBlot', 'detergentBlot'],
    says: [/Down and feather: no enzymes/],
  },
  {
    name: 'sunscreen on a pale bathing suit',
    marks: ['sunscreen'],
    item: 'swimwear',
    parts: { 'whole piece': { polyamide: 80, elastane: 20 } },
    piece: { colour: 'pale', label: tag({ kind: 'hand' }) },
    facts: { age: 'hours' },
    passes: ['neatDetergentSpot', 'delicateHandSoak'],
    says: [/no bleach/i],
  },
  {
    name: 'rust',
    marks: ['rust'],
    item: 'pillowcase',
    parts: { 'whole piece': { cotton: 100 } },
    piece: { colour: 'white', label: machine(60) },
    facts: { age: 'weeks' },
    passes: ['citricSpot'],
    says: [/No bleach of any kind/],
  },
  {
    name: 'mildew on canvas with 3 % elastane',
    marks: ['mildew'],
    item: 'canvas',
    parts: { 'whole piece': { cotton: 97, elastane: 3 } },
    piece: { colour: 'natural' },
    facts: { age: 'weeks' },
    passes: ['dryVacuum', 'peroxideDab'],
    says: [/Brush outdoors with a mask/],
  },
  {
    name: 'crossed tub with P',
    marks: ['redWine'],
    item: 'dress',
    parts: { 'whole piece': { viscose: 100 } },
    piece: { colour: 'dark', label: tag({ kind: 'never' }, { dryClean: 'P' }) },
    facts: { age: 'hours', wetness: 'dry' },
    passes: [],
    says: [/no permission for solvents at home/],
  },
  {
    name: 'borax where it is not sold',
    marks: ['stiffTowels'],
    item: 'towel',
    parts: { 'whole piece': { cotton: 100 } },
    piece: { colour: 'white', label: machine(60) },
    facts: { ...whole, age: 'months', positions: { deepStripWay: 'deepStripAView' } },
    passes: ['deepStripA'],
    says: [/Instead of borax/],
  },
];

const draftOf = ({ marks, item, parts, piece, facts }: Told) => ({
  pieceId: null,
  facts: {
    markIds: marks,
    goneComponentIds: [],
    answers: {},
    partIndex: 0,
    age: 'unknown',
    wetness: 'unknown',
    heat: 'none',
    size: { length: 6, width: 4 },
    tried: [],
    done: [],
    positions: {},
    reach: 'house',
    ...facts,
    piece: {
      itemId: item,
      name: '',
      colour: 'unknown',
      fastness: 'unknown',
      condition: 'sound',
      label: null,
      code: null,
      dryMassG: null,
      metalParts: false,
      ...piece,
      parts: Object.entries(parts).map(([name, blend]) => ({
        name,
        fibres: Object.entries(blend).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
      })),
    },
  },
});

atNight('every trouble of the list brings a short plan of its own to the screen', async ({ page }) => {
  const seen = new Map<string, string>();
  // By day every fourth: the jobs of `jobs.spec` are on the screen too.
  const shown = shareByDay(CASES, 4);
  for (const given of shown) {
    await page.goto(addressOf(draftOf(given)));
    const desk = new Desk(page);
    const title = given.passes.length > 0 ? 'Round 1' : 'Take it to a professional';
    await expect(page.getByRole('heading', { name: title, exact: true }), given.name).toBeVisible();
    if (given.passes.length > 0) await desk.openRounds();
    await desk.unfold('Keep in mind');
    await page.getByRole('button', { name: 'Why this first' }).click();
    for (const methodId of given.passes) await expect(desk.pass(methodId), given.name).toBeVisible();
    for (const words of given.says ?? []) await expect(page.locator('main'), given.name).toContainText(words);
    const steps = page.getByRole('list', { name: 'Steps of round 1' }).locator('[data-pass]');
    expect(await steps.count(), given.name).toBeLessThanOrEqual(6);
    const text = (await page.locator('main').innerText()).replace(/\s+/g, ' ');
    for (const [other, before] of seen) expect(text, `${given.name} and ${other}`).not.toBe(before);
    seen.set(given.name, text);
  }
});

atNight('a bottle of unknown strength is kept out, and the page says what to do', async ({ page }) => {
  const { household, measures } = await (await page.request.get('/api/household')).json();
  const cupboard = household.cupboard.map((entry: { agentId: string }) =>
    entry.agentId === 'peroxide' ? { ...entry, strengthPct: null } : entry,
  );
  await page.request.put('/api/household', { data: { household: { ...household, cupboard }, measures } });
  await page.goto(
    addressOf(
      draftOf({
        ...chair,
        marks: ['redWine'],
        piece: { colour: 'white', code: 'W' },
        facts: { age: 'days' },
      }),
    ),
  );
  const desk = new Desk(page);
  await expect(desk.pass('vinegarDetergentBlot')).toBeVisible();
  await expect(desk.pass('peroxideDab')).toHaveCount(0);
  await desk.showAllLosers();
  await expect(desk.lost('peroxideDab')).toContainText(
    'The strength of your hydrogen peroxide is not known.',
  );
  await page.request.put('/api/household', { data: { household, measures } });
});
