import { Box, chakra, Flex } from '@chakra-ui/react';
import { Suspense, useEffect } from 'react';
import { Link, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { FeverfewMark } from '../../components/drawings/Icons';
import { Loading } from '../../components/notices/States';
import { FindButton, FindOpener } from '../../features/find/FindButton';
import { Alarms } from '../../features/run/timer/Alarms';
import { SHORT } from '../../theme/media';
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
    top: '-3.75rem',
    left: '0.75rem',
    zIndex: 2000,
    bg: 'card',
    color: 'leaf',
    fontWeight: 700,
    padding: '0.75rem 1rem',
    borderRadius: 'md',
    _focus: { top: '0.5rem' },
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
        <Box
          flex="1"
          minWidth="0"
          bg="card"
          paddingBottom={{ base: atTub ? '0' : '4rem', md: '0' }}
          css={{ [SHORT]: { paddingBottom: '0' } }}
        >
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
      gap="3"
      display={{ base: 'none', md: 'flex' }}
      width={{ base: '4rem', lg: isNarrow ? '4.5rem' : '13rem' }}
      flexShrink={0}
      position="sticky"
      top="0"
      height="100dvh"
      overflowY="auto"
      bg="paper"
      borderInlineEnd="1px solid"
      borderColor="line"
      padding={{ base: '0.75rem 0.5rem', lg: isNarrow ? '1rem 0.5rem' : '1rem 0.75rem' }}
      data-narrow={isNarrow ? '' : undefined}
      data-print="hide"
    >
      <Link to="/" aria-label="Feverfew, today">
        <Flex
          alignItems="center"
          gap="2.5"
          paddingInline="1.5"
          minHeight="2.25rem"
          fontFamily="heading"
          fontWeight={700}
          fontSize="title"
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
