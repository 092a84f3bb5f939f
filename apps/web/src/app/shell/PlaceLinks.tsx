import { Box, chakra, Flex } from '@chakra-ui/react';
import { Link, useLocation } from 'react-router';
import { PlaceDrawing } from './PlaceDrawing';
import { needsWidth, roomOf, SHELL_PLACES, sectionOf } from './places';

const PlaceLink = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    color: 'soft',
    '&[data-here]': { color: 'ink', fontWeight: 700 },
    _hover: { color: 'ink' },
  },
  variants: {
    at: {
      bar: {
        flexDirection: 'column',
        justifyContent: 'center',
        flex: 1,
        gap: '1px',
        fontSize: '13px',
        lineHeight: '16px',
      },
      narrow: {
        flexDirection: 'column',
        gap: '2px',
        minHeight: '62px',
        justifyContent: 'center',
        fontSize: '14px',
        lineHeight: '18px',
      },
      column: {
        gap: '10px',
        minHeight: '44px',
        color: 'ink',
        fontFamily: 'heading',
        fontWeight: 650,
        fontSize: '17px',
        paddingInline: '6px',
        borderRadius: 'sm',
      },
    },
  },
});

const Disc = chakra('span', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    borderRadius: 'full',
    flexShrink: 0,
    color: 'ink',
    '[data-here] &': { bg: 'disc', color: '#1e2a24' },
  },
});

/** The places along the foot of a phone. */
export function Bar() {
  const here = sectionOf(useLocation().pathname);
  return (
    <Flex
      as="nav"
      aria-label="Places"
      display={{ base: 'flex', md: 'none' }}
      position="fixed"
      insetInline="0"
      bottom="0"
      height="64px"
      zIndex={20}
      bg="card"
      borderTop="1px solid"
      borderColor="line"
      data-print="hide"
    >
      {SHELL_PLACES.map(({ id, name, to }) => (
        <PlaceLink key={id} to={to} at="bar" {...hereOf(here?.id === id)}>
          <Disc width="36px" height="32px" aria-hidden="true">
            <PlaceDrawing of={id} />
          </Disc>
          {name}
        </PlaceLink>
      ))}
    </Flex>
  );
}

const Room = chakra(Link, {
  base: {
    display: { base: 'none', lg: 'flex' },
    alignItems: 'center',
    minHeight: '34px',
    paddingInlineStart: '42px',
    borderRadius: 'sm',
    color: 'soft',
    fontSize: '15px',
    _hover: { color: 'ink' },
    '&[data-here]': { bg: 'track', color: 'ink', fontWeight: 700 },
  },
});

/** The places down the side of a desk; the one that one is in with its rooms. */
export function ColumnLinks() {
  const { pathname } = useLocation();
  const here = sectionOf(pathname);
  const room = roomOf(pathname);
  const isNarrow = needsWidth(pathname);
  return (
    <Flex as="nav" aria-label="Places" direction="column" gap="8px">
      {SHELL_PLACES.map(({ id, name, to, rooms }) => (
        <Box key={id}>
          <PlaceLink to={to} at={isNarrow ? 'narrow' : 'column'} title={name} {...hereOf(here?.id === id)}>
            <Disc width="30px" height="30px" aria-hidden="true">
              <PlaceDrawing of={id} size={22} />
            </Disc>
            <Box as="span" srOnly={{ base: !isNarrow, lg: false }}>
              {name}
            </Box>
          </PlaceLink>
          {(here?.id === id && !isNarrow ? rooms : []).map((one) => (
            <Room key={one.to} to={one.to} {...hereOf(room?.to === one.to)}>
              {one.name}
            </Room>
          ))}
        </Box>
      ))}
    </Flex>
  );
}

/** Where the column shows no rooms: those of the place one is in, at the head of each of them. */
export function RoomTabs() {
  const { pathname, search } = useLocation();
  const place = sectionOf(pathname);
  const room = roomOf(pathname);
  // A plan has the whole height of a phone.
  if (pathname === '/trouble' && search !== '') return null;
  if (!place || !room || place.rooms.length < 2 || pathname !== room.to) return null;
  return (
    <Flex
      as="nav"
      aria-label={`In ${place.name}`}
      display={{ base: 'flex', lg: needsWidth(pathname) ? 'flex' : 'none' }}
      gap="4px"
      paddingInline={{ base: '12px', md: '24px' }}
      paddingTop={{ base: '0', md: '12px' }}
      data-print="hide"
    >
      {place.rooms.map((one) => (
        <RoomTab key={one.to} to={one.to} {...hereOf(one.to === room.to)}>
          {one.name}
        </RoomTab>
      ))}
    </Flex>
  );
}

const RoomTab = chakra(Link, {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    minHeight: '44px',
    paddingInline: '12px',
    color: 'soft',
    borderBottom: '3px solid transparent',
    '&[data-here]': { color: 'ink', fontWeight: 700, borderColor: 'disc' },
  },
});

const hereOf = (isHere: boolean) =>
  isHere ? ({ 'data-here': '', 'aria-current': 'page' } as const) : ({} as const);
