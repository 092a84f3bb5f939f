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
      fontSize="note"
      padding={{ base: '0.375rem 1rem', md: '0.375rem 2rem' }}
      data-print="hide"
    >
      No connection. Shown as of {(isToday(cutSince) ? timeOfDay : dateAndTime)(cutSince)}; taps at the tub
      wait here.
    </Box>
  );
}

const isToday = (at: number): boolean => new Date(at).toDateString() === new Date().toDateString();
