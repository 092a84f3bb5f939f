import { Box, Flex } from '@chakra-ui/react';
import { ChevronLeft } from 'lucide-react';
import { Link, useLocation, useNavigate } from 'react-router';
import { FeverfewMark } from '../../components/drawings/Icons';
import { FindButton } from '../../features/find/FindButton';
import { NARROW } from '../../theme/media';
import { WantedClock } from './Clocks';
import { sectionOf } from './places';

/** The head of a phone's page: back, the place, the clock that needs a hand. */
export function TopBar() {
  const { pathname, key } = useLocation();
  const navigate = useNavigate();
  const place = sectionOf(pathname);
  const isRoot = place?.to === pathname;
  const up = isRoot ? '/' : (place?.to ?? '/');
  return (
    <Flex
      as="header"
      display={{ base: 'flex', md: 'none' }}
      height="3rem"
      css={{ [NARROW]: { height: 'auto', flexWrap: 'wrap' } }}
      alignItems="center"
      gap="1"
      paddingInline="0.5rem 0.875rem"
      data-print="hide"
    >
      {pathname === '/' ? (
        <Flex width="2.75rem" justifyContent="center" aria-hidden="true">
          <FeverfewMark />
        </Flex>
      ) : (
        <Box
          as="button"
          aria-label="Back"
          display="inline-flex"
          alignItems="center"
          justifyContent="center"
          width="2.75rem"
          height="2.75rem"
          // A page opened by its address has nothing behind it: back is then up.
          onClick={() => void (key === 'default' ? navigate(up) : navigate(-1))}
        >
          <ChevronLeft size={26} strokeWidth={1.8} aria-hidden="true" />
        </Box>
      )}
      <Box fontFamily="heading" fontWeight={650} fontSize="large" flex="1">
        {place ? <Link to={place.to}>{place.id === 'today' ? 'Feverfew' : place.name}</Link> : 'Feverfew'}
      </Box>
      {pathname !== '/' && <WantedClock />}
      <FindButton compact />
    </Flex>
  );
}
