import type { Reference } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { KNOWLEDGE } from '../../test/aHouse';
import { FAMILIES, findEntries, ONE_PAGE, shelfCounts } from './referenceView';

const reference = KNOWLEDGE as unknown as Reference;

describe('one search over all boxes', () => {
  it.each([
    ['merino', 'fibres', 'fibres/wool'],
    ['claret', 'courses', 'courses/wineBerry'],
    ['claret', 'marks', 'marks/redWine'],
    ['vinegar', 'marks', 'agents/vinegar'],
  ] as const)('“%s” from the box of %s opens %s', (query, shelf, first) => {
    const [found] = findEntries(query, shelf, reference);
    expect(`${found?.family}/${found?.id}`).toBe(first);
  });
  it('puts the open box first and leaves nothing of the others out', () => {
    const kinds = (shelf: 'marks' | 'courses') =>
      findEntries('claret', shelf, reference).map(({ family }) => family);
    expect(kinds('courses')[0]).toBe('courses');
    expect(new Set(kinds('marks'))).toEqual(new Set(kinds('courses')));
  });
  it('answers nothing while nothing is asked', () => {
    expect(findEntries('  ', 'marks', reference)).toEqual([]);
  });
  it('counts what is in each box; what is one page has no count', () => {
    const counts = shelfCounts(reference);
    for (const { id } of FAMILIES) expect((counts.get(id) ?? 0) === 0).toBe(ONE_PAGE.includes(id));
    expect(counts.get('fibres')).toBe(reference.fibres.length);
  });
});
