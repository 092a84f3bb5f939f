import { describe, expect, it } from 'vitest';
import { roomOf, SHELL_PLACES, sectionOf } from './places';

describe('the places', () => {
  it.each([
    ['/', 'today', undefined],
    ['/trouble', 'trouble', 'Plans'],
    ['/trouble/3f', 'trouble', 'Plans'],
    ['/runs/3f', 'trouble', undefined],
    ['/mix', 'trouble', 'Mixing'],
    ['/wash', 'wash', 'Loads'],
    ['/wash/line', 'wash', 'The line'],
    ['/pieces/3f', 'linen', 'Pieces'],
    ['/cupboard', 'linen', 'Cupboard'],
    ['/reference/fibres/wool', 'more', 'Look up'],
    ['/setup', 'more', undefined],
  ])('%s is in %s', (pathname, place, room) => {
    expect([sectionOf(pathname)?.id, roomOf(pathname)?.name]).toEqual([place, room]);
  });
  it('hold each address once, and nothing that is nowhere', () => {
    const all = SHELL_PLACES.flatMap(({ to, rooms }) => [...new Set([to, ...rooms.map((room) => room.to)])]);
    expect(new Set(all).size).toBe(all.length);
    expect(sectionOf('/troubles')).toBeNull();
  });
});
