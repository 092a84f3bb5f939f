import type { Reference } from '@feverfew/contracts';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { KNOWLEDGE } from '../../../test/aHouse';
import { show } from '../../../test/inApp';
import { ByCloth } from './ByCloth';
import { clothLine } from './clothLine';

afterEach(cleanup);

const course = KNOWLEDGE.courses.find(({ id }) => id === 'wineBerry') as Reference['courses'][number];
const say = { name: (id: string) => id, temp: (tempC: number) => `${tempC} °C` } as never;

describe('a course in a line', () => {
  it('names its first steps in order, then its wash', () => {
    const { white } = course.cloths;
    if (white.kind !== 'course') throw new Error('Wine has a course on white cloth.');
    const [first] = white.first;
    expect(clothLine(white, say).startsWith(first?.methodIds[0] as string)).toBe(true);
    expect(clothLine(white, say)).toMatch(/, …; wash to \d+ °C$/);
  });
  it('names a step once that comes twice', () => {
    const twice = { kind: 'course', first: [{ methodIds: ['Soak'] }, { methodIds: ['Soak'] }], wash: null };
    expect(clothLine(twice as never, say)).toBe('soak');
  });
  it('says where there is no work at home', () => {
    const { dryOnly } = course.cloths;
    expect(dryOnly.kind).toBe('honest');
    expect(clothLine(dryOnly, say)).toMatch(/professional/i);
  });
});

describe('a course by cloth', () => {
  it('has a row for every kind, and the chosen one open right below its own', () => {
    show(
      <ByCloth cloths={course.cloths} chosen="synthetic">
        <div>in full</div>
      </ByCloth>,
    );
    const rows = screen.getAllByRole('link');
    expect(rows).toHaveLength(7);
    const chosen = screen.getByRole('link', { current: true });
    expect(chosen.textContent).toContain('synthetic');
    const open = screen.getByText('in full');
    const follows = (one: Element | undefined) =>
      open.compareDocumentPosition(one as Element) & Node.DOCUMENT_POSITION_FOLLOWING;
    expect(follows(rows[2])).toBeFalsy();
    expect(follows(rows[3])).toBeTruthy();
  });
});
