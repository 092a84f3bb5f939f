import { describe, expect, it } from 'vitest';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import type { PieceFacts } from '../textile/piece.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { assumeUsual, usualTaken } from './assumeUsual.js';

const index = indexKnowledge(knowledge);
/** A piece of a kind, nothing of it given. */
const bare = (itemId: string, more: Partial<PieceFacts> = {}): PieceFacts => ({
  ...piece(itemId, {}, more),
  parts: [],
});
const taken = (of: PieceFacts) => usualTaken({ piece: of }, index);
const plan = (...facts: Parameters<typeof trouble>) => planTreatment(trouble(...facts), household, knowledge);
const checked = (of: ReturnType<typeof plan>) =>
  of.passes.map(({ passId }) =>
    of.rounds
      .flatMap(({ passes }) => passes)
      .find(({ id }) => id === passId)
      ?.checks.map(({ id }) => id),
  );

describe('what is taken as usual', () => {
  // What household pieces are made of and how warm their tags are: common practice, no source.
  it.each([
    ['tShirt', 'cotton', 40],
    ['shirt', 'cotton', 40],
    ['towel', 'cotton', 60],
    ['bedSheet', 'cotton', 60],
    ['jeans', 'cotton', 40],
    ['curtain', 'polyester', 30],
  ])('%s: %s, a tag of %i', (itemId, fibreId, washC) => {
    expect(taken(bare(itemId))).toMatchObject({ washC });
    expect(taken(bare(itemId))?.fibres[0]?.fibreId).toBe(fibreId);
  });

  it('nothing of what is as often wool, silk or viscose as not', () => {
    for (const itemId of ['scarf', 'tie', 'knittedJumper', 'armchair', 'rug'].filter((id) =>
      index.items.has(id),
    ))
      expect(taken(bare(itemId)), itemId).toBeNull();
  });

  it('nothing on frail cloth, on a colour that ran, and once the tag was read and says otherwise', () => {
    expect(taken(bare('shirt', { condition: 'antique' }))).toBeNull();
    expect(taken(bare('shirt', { fastness: 'failed' }))).toBeNull();
    expect(usualTaken({ piece: bare('shirt'), seen: { [USUAL_CHECK_ID]: false } }, index)).toBeNull();
  });

  it('never against what was given', () => {
    expect(taken(piece('shirt', { silk: 100 }))).toBeNull();
    expect(taken(piece('shirt', { cotton: 100 }, { label: label(30) }))).toBeNull();
    expect(taken(bare('shirt', { label: label(30) }))).toMatchObject({ washC: null });
    const half = taken({ ...piece('shirt', { cotton: 100 }) });
    expect(half).toMatchObject({ parts: null, washC: 40 });
  });

  it('names the rarer fibres that the plan could spoil', () => {
    expect(taken(bare('pillowcase'))?.unlessFibreIds).toContain('silk');
  });

  it('white where nearly all are, and only where no colour was given', () => {
    // Pillows, duvets, nets and mattress protectors are white as a rule: common practice, no source.
    for (const itemId of ['pillow', 'netCurtain', 'mattressProtector', 'uniformWhites'])
      expect(taken(bare(itemId, { colour: 'unknown' })), itemId).toMatchObject({ colour: 'white' });
    expect(taken(bare('shirt', { colour: 'unknown' }))).toMatchObject({ colour: null });
    expect(taken(bare('netCurtain', { colour: 'pale' }))).toMatchObject({ colour: null });
  });

  it('leaves all that was given as it is', () => {
    const facts = trouble('coffee', piece('shirt', { silk: 100 }, { label: label(30) }));
    expect(assumeUsual(facts, knowledge)).toBe(facts);
  });
});

describe('a plan for the usual', () => {
  it('says what it took, and asks for the tag before the first act that could harm', () => {
    const made = plan('coffee', bare('shirt', { colour: 'white' }));
    expect(made.findings.some(({ code }) => code === 'usualTaken')).toBe(true);
    expect(checked(made)[0]).toContain(USUAL_CHECK_ID);
    expect(checked(made).slice(1).flat()).not.toContain(USUAL_CHECK_ID);
    expect(made.facts.piece.parts).toEqual([]);
  });

  it('is the plan of such a piece, were it given; the check goes once it was read', () => {
    const facts = trouble('coffee', bare('shirt', { colour: 'white' }));
    const methods = (of: ReturnType<typeof plan>) => of.passes.map(({ methodId }) => methodId);
    const open = planTreatment(facts, household, knowledge);
    expect(methods(planTreatment(assumeUsual(facts, knowledge), household, knowledge))).toEqual(
      methods(open),
    );
    const read = planTreatment({ ...facts, seen: { [USUAL_CHECK_ID]: true } }, household, knowledge);
    expect(methods(read)).toEqual(methods(open));
    expect(checked(read).flat()).not.toContain(USUAL_CHECK_ID);
  });

  it('is the careful one again once the tag says otherwise', () => {
    const facts = trouble('coffee', bare('shirt', { colour: 'white' }));
    const other = planTreatment({ ...facts, seen: { [USUAL_CHECK_ID]: false } }, household, knowledge);
    expect(other.findings.map(({ code }) => code)).toContain('fibresUnknown');
    expect(other.passes.some(({ methodId }) => methodId === 'oxygenSoak')).toBe(false);
  });
});
