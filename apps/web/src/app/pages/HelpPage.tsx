import { Box, Stack } from '@chakra-ui/react';
import { LinkButton } from '../../components/controls/LinkButton';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';

/** What one does with it, in the order a hand meets it. */
const LINES = [
  [
    'Say what happened',
    'In a few words: “red wine on the carpet”. What you leave out is assumed, and asked.',
  ],
  ['At once', 'The dark card says the first move. Do that before anything else.'],
  ['The steps', 'Each with its amount, warmth, time and how much it takes out. Tap a vessel to change it.'],
  ['At the tub', 'One step at a time. The clock goes on while the page is closed.'],
  ['Check', 'Say what you see; the next step follows from it. Undo takes back your last tap.'],
  ['Save', 'Each saved result teaches the next plan. What works shows what was learned.'],
] as const;

/** How it is used, and where to turn when something goes wrong. */
export function HelpPage() {
  return (
    <Stack gap="3.5" maxWidth="40rem" padding={{ base: '0.5rem 1rem', md: '1.5rem 2rem' }}>
      <PageHeading title="Help" />
      <Notice kind="danger" word="Splash, fumes or swallowed">
        Rinse with water; go out to fresh air. Call your local poison line or emergency number, the bottle in
        hand.
      </Notice>
      <Box as="ol" listStyleType="none">
        {LINES.map(([name, what]) => (
          <Box as="li" key={name} paddingBlock="2" borderBottom="1px solid" borderColor="line">
            <Box fontWeight={650}>{name}</Box>
            <Box color="soft">{what}</Box>
          </Box>
        ))}
      </Box>
      <LinkButton to="/reference/words" alignSelf="start">
        Words it uses
      </LinkButton>
    </Stack>
  );
}
