import { Box, chakra, Flex } from '@chakra-ui/react';
import { Link, useLocation } from 'react-router';
import { NARROW, SHORT } from '../../theme/media';
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
        fontSize: 'caption',
        lineHeight: '1rem',
      },
      narrow: {
        flexDirection: 'column',
        gap: '0.5',
        minHeight: '3.875rem',
        justifyContent: 'center',
        fontSize: 'small',
        lineHeight: '1.125rem',
      },
      column: {
        gap: '2.5',
        minHeight: '2.75rem',
        color: 'ink',
        fontFamily: 'heading',
        fontWeight: 650,
        fontSize: 'lead',
        paddingInline: '1.5',
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

/** Read aloud, not shown: five names do not fit. */
const HIDDEN = { position: 'absolute', width: '1px', height: '1px', overflow: 'hidden' } as const;

/** The places along the foot of a phone. */
export function Bar() {
  const here = sectionOf(useLocation().pathname);
  return (
    <Flex
      as="nav"
      aria-label="Places"
      display={{ base: 'flex', md: 'none' }}
      position="fixed"
      css={{ [SHORT]: { position: 'static' } }}
      insetInline="0"
      bottom="0"
      height="4rem"
      zIndex={20}
      bg="card"
      borderTop="1px solid"
      borderColor="line"
      data-print="hide"
    >
      {SHELL_PLACES.map(({ id, name, to }) => (
        <PlaceLink key={id} to={to} at="bar" {...hereOf(here?.id === id)}>
          <Disc width="2.25rem" height="2rem" aria-hidden="true">
            <PlaceDrawing of={id} />
          </Disc>
          <Box as="span" css={{ [NARROW]: HIDDEN }}>
            {name}
          </Box>
        </PlaceLink>
      ))}
    </Flex>
  );
}

const Room = chakra(Link, {
  base: {
    display: { base: 'none', lg: 'flex' },
    alignItems: 'center',
    minHeight: '2.125rem',
    paddingInlineStart: '10.5',
    borderRadius: 'sm',
    color: 'soft',
    fontSize: 'note',
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
    <Flex as="nav" aria-label="Places" direction="column" gap="2">
      {SHELL_PLACES.map(({ id, name, to, rooms }) => (
        <Box key={id}>
          <PlaceLink to={to} at={isNarrow ? 'narrow' : 'column'} title={name} {...hereOf(here?.id === id)}>
            <Disc width="1.875rem" height="1.875rem" aria-hidden="true">
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
      gap="1"
      wrap="wrap"
      paddingInline={{ base: '3', md: '6' }}
      paddingTop={{ base: '0', md: '3' }}
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
    minHeight: '2.75rem',
    paddingInline: '3',
    color: 'soft',
    borderBottom: '3px solid transparent',
    '&[data-here]': { color: 'ink', fontWeight: 700, borderColor: 'disc' },
  },
});

const hereOf = (isHere: boolean) =>
  isHere ? ({ 'data-here': '', 'aria-current': 'page' } as const) : ({} as const);
