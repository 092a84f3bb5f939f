import type { PlaceIcon } from './PlaceDrawing';

export interface Room {
  readonly name: string;
  readonly to: string;
}

export interface ShellPlace {
  readonly id: PlaceIcon;
  readonly name: string;
  readonly to: string;
  /** What is in it, the first shown when it is entered. */
  readonly rooms: readonly Room[];
  /** Further URL prefixes that belong to it. */
  readonly also: readonly string[];
}

/** The five places, the same in the bar of a phone and in the column of a desk. */
export const SHELL_PLACES: readonly ShellPlace[] = [
  { id: 'today', name: 'Today', to: '/', rooms: [], also: [] },
  {
    id: 'trouble',
    name: 'Trouble',
    to: '/trouble',
    rooms: [
      { name: 'Plans', to: '/trouble' },
      { name: 'Mixing', to: '/mix' },
    ],
    also: ['/runs', '/trials'],
  },
  {
    id: 'wash',
    name: 'Wash',
    to: '/wash',
    rooms: [
      { name: 'Loads', to: '/wash' },
      { name: 'The line', to: '/wash/line' },
      { name: 'Machine', to: '/wash/machine' },
    ],
    also: [],
  },
  {
    id: 'linen',
    name: 'Linen',
    to: '/pieces',
    rooms: [
      { name: 'Pieces', to: '/pieces' },
      { name: 'Cupboard', to: '/cupboard' },
      { name: 'What works', to: '/what-works' },
    ],
    also: [],
  },
  {
    id: 'more',
    name: 'More',
    to: '/more',
    rooms: [
      { name: 'Look up', to: '/reference' },
      { name: 'Your house', to: '/household' },
      { name: 'Devices', to: '/devices' },
      { name: 'Help', to: '/help' },
    ],
    also: ['/setup'],
  },
];

const isUnder = (pathname: string, to: string): boolean =>
  to === '/' ? pathname === '/' : pathname === to || pathname.startsWith(`${to}/`);

/** The navigation section a URL belongs to; null if none. */
export const sectionOf = (pathname: string): ShellPlace | null =>
  SHELL_PLACES.find(({ to, rooms, also }) =>
    [to, ...rooms.map((room) => room.to), ...also].some((one) => isUnder(pathname, one)),
  ) ?? null;

/** The room an address belongs to; of one within another the inner one. */
export const roomOf = (pathname: string): Room | null =>
  [...(sectionOf(pathname)?.rooms ?? [])]
    .sort((a, b) => b.to.length - a.to.length)
    .find(({ to }) => isUnder(pathname, to)) ?? null;

/** Pages whose drawing needs the width of a desk: the column gives up its room names for it. */
export const needsWidth = (pathname: string): boolean => sectionOf(pathname)?.id === 'wash';
