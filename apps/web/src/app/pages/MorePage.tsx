import { Box, chakra, Stack } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import { PageHeading } from '../../components/layout/PageHeading';

const Row = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3',
    minHeight: '3.5rem',
    paddingBlock: '1.5',
    borderBottom: '1px solid',
    borderColor: 'line',
  },
});

/** What has no place of its own in the bar, and how each is called. */
const ROWS = [
  ['Look up', 'Fibres, troubles, products, ways, care signs, what never meets', '/reference'],
  ['Your house', 'Taps, tubs, machine, who lives here, light and measures, backup', '/household'],
  ['Devices', 'Connected devices, and what each may do', '/devices'],
  ['Mixing', 'Any mix: how strong, how warm, how long, or why not', '/mix'],
  ['Cupboard', 'What you have, and what it cost', '/cupboard'],
  ['What works', 'From your own results', '/what-works'],
  ['Help', 'How it is used, and where to turn', '/help'],
] as const;

/** All rooms that stand behind the last place of the bar. */
export function MorePage() {
  return (
    <Stack gap="1.5" maxWidth="40rem" padding={{ base: '0.5rem 1rem', md: '1.5rem 2rem' }}>
      <PageHeading title="More" />
      {ROWS.map(([name, what, to]) => (
        <Row key={to} to={to}>
          <Box flex="1" minWidth="0">
            <Box fontWeight={650}>{name}</Box>
            <Box color="soft" fontSize="note">
              {what}
            </Box>
          </Box>
          <ChevronRight size={20} aria-hidden="true" />
        </Row>
      ))}
    </Stack>
  );
}
