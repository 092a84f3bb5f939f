import { Box, chakra, Flex } from '@chakra-ui/react';
import { Suspense, useEffect } from 'react';
import { Link, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { FeverfewMark } from '../../components/drawings/Icons';
import { Loading } from '../../components/notices/States';
import { FindButton, FindOpener } from '../../features/find/FindButton';
import { Alarms } from '../../features/run/timer/Alarms';
import { useChanges } from '../api/useChanges';
import { EARLY_PATHS, removeEarlyField } from '../early/earlyField';
import { ColumnClocks } from './Clocks';
import { ConnectionNotice } from './ConnectionNotice';
import { Bar, ColumnLinks, RoomTabs } from './PlaceLinks';
import { needsWidth } from './places';
import { Shortcuts } from './Shortcuts';
import { TopBar } from './TopBar';

const SkipLink = chakra('a', {
  base: {
    position: 'fixed',
    top: '-60px',
    left: '12px',
    zIndex: 2000,
    bg: 'card',
    color: 'leaf',
    fontWeight: 700,
    padding: '12px 16px',
    borderRadius: 'md',
    _focus: { top: '8px' },
    _print: { display: 'none' },
  },
});

/** Places, clocks and Find around every page. At the tub a phone has the step alone. */
export function Shell() {
  useChanges();
  const { pathname } = useLocation();
  const atTub = pathname.startsWith('/runs/');
  useEffect(() => {
    if (!EARLY_PATHS.includes(pathname)) removeEarlyField();
  }, [pathname]);
  return (
    <>
      <SkipLink href="#main">To the page</SkipLink>
      <Flex minHeight="100dvh">
        <Column />
        <Box flex="1" minWidth="0" bg="card" paddingBottom={{ base: atTub ? '0' : '64px', md: '0' }}>
          <TopBar />
          <RoomTabs />
          <ConnectionNotice />
          <Alarms />
          <Box as="main" id="main" tabIndex={-1}>
            <Suspense fallback={<Loading what="the page" />}>
              <Outlet />
            </Suspense>
          </Box>
        </Box>
      </Flex>
      {!atTub && <Bar />}
      <FindOpener />
      <ScrollRestoration />
    </>
  );
}

function Column() {
  // A drawing that needs the width leaves the places their drawing and word.
  const isNarrow = needsWidth(useLocation().pathname);
  return (
    <Flex
      as="header"
      direction="column"
      gap="12px"
      display={{ base: 'none', md: 'flex' }}
      width={{ base: '64px', lg: isNarrow ? '72px' : '208px' }}
      flexShrink={0}
      position="sticky"
      top="0"
      height="100dvh"
      overflowY="auto"
      bg="paper"
      borderInlineEnd="1px solid"
      borderColor="line"
      padding={{ base: '12px 8px', lg: isNarrow ? '16px 8px' : '16px 12px' }}
      data-narrow={isNarrow ? '' : undefined}
      data-print="hide"
    >
      <Link to="/" aria-label="Feverfew, today">
        <Flex
          alignItems="center"
          gap="10px"
          paddingInline="6px"
          minHeight="36px"
          fontFamily="heading"
          fontWeight={700}
          fontSize="22px"
          color="leaf"
        >
          <FeverfewMark />
          <Box as="span" display={{ base: 'none', lg: isNarrow ? 'none' : 'inline' }}>
            Feverfew
          </Box>
        </Flex>
      </Link>
      <FindButton compact={isNarrow} />
      <ColumnLinks />
      {!isNarrow && <ColumnClocks />}
      <Box marginTop={{ base: 'auto', lg: '0' }}>
        <Shortcuts />
      </Box>
    </Flex>
  );
}
