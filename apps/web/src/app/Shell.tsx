import { Box, chakra, Flex } from '@chakra-ui/react';
import { Suspense } from 'react';
import { Link, NavLink, Outlet } from 'react-router';
import { FeverfewMark } from '../components/Icons';
import { Loading } from '../components/States';
import { FindAnything } from '../features/find/FindAnything';
import { Alarms } from '../features/run/timer/Alarms';
import { Shortcuts } from './Shortcuts';
import { useChanges } from './useChanges';

const Tab = chakra(NavLink, {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    height: '56px',
    paddingInline: '10px',
    color: 'soft',
    borderBottom: '3px solid transparent',
    whiteSpace: 'nowrap',
    '&[aria-current=page]': { color: 'ink', fontWeight: 700, borderColor: 'disc' },
    _hover: { color: 'ink' },
  },
});

const TABS = [
  ['/', 'Today'],
  ['/trouble', 'Trouble'],
  ['/mix', 'Mixing table'],
  ['/pieces', 'Linen book'],
  ['/what-works', 'What works'],
  ['/reference', 'Reference'],
  ['/household', 'Household'],
] as const;

export function Shell() {
  useChanges();
  return (
    <>
      <Flex
        as="header"
        alignItems="center"
        gap={{ base: '2px', md: '14px' }}
        paddingInline={{ base: '8px', md: '26px' }}
        bg="card"
        borderBottom="1px solid"
        borderColor="line"
        overflowX="auto"
        data-print="hide"
      >
        <Link to="/" style={{ order: -2 }} aria-label="Feverfew, today">
          <Flex
            alignItems="center"
            gap="8px"
            fontFamily="heading"
            fontWeight={700}
            fontSize="21px"
            color="leaf"
          >
            <FeverfewMark />
            <Box as="span" display={{ base: 'none', md: 'inline' }}>
              Feverfew
            </Box>
          </Flex>
        </Link>
        <Flex as="nav" aria-label="Rooms" gap={{ base: '0', md: '6px' }}>
          {TABS.map(([to, name]) => (
            <Tab key={to} to={to} end={to === '/'}>
              {name}
            </Tab>
          ))}
        </Flex>
        <Box flex="1" display={{ base: 'none', md: 'block' }} />
        <Box order={{ base: -1, md: 0 }}>
          <FindAnything />
        </Box>
        <Shortcuts />
      </Flex>
      <Alarms />
      <Box as="main">
        <Suspense fallback={<Loading what="the page" />}>
          <Outlet />
        </Suspense>
      </Box>
    </>
  );
}
