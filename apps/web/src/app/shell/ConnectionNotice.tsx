import { Box } from '@chakra-ui/react';
import { dateAndTime, timeOfDay } from '../../clock/timeOfDay';
import { useConnection } from '../offline/connection';

/** While offline: the time of the data shown. */
export function ConnectionNotice() {
  const { cutSince } = useConnection();
  if (cutSince === null) return null;
  return (
    <Box
      role="status"
      bg="track"
      fontSize="15px"
      padding={{ base: '6px 16px', md: '6px 32px' }}
      data-print="hide"
    >
      No connection. Shown as of {(isToday(cutSince) ? timeOfDay : dateAndTime)(cutSince)}; taps at the tub
      wait here.
    </Box>
  );
}

const isToday = (at: number): boolean => new Date(at).toDateString() === new Date().toDateString();
