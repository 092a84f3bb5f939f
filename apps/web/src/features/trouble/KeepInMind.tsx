import { Box, Stack } from '@chakra-ui/react';
import type { Plan } from '@feverfew/contracts';

/** What to know beside the steps, what is never done to it and why, and what keeps it from coming back. */
export function KeepInMind({ keep: { says, never, prevent } }: Pick<Plan, 'keep'>) {
  if (says.length + never.length + prevent.length === 0) return null;
  return (
    <Stack as="section" aria-label="Keep in mind" gap="6px" paddingTop="12px" fontSize="15px">
      <Box as="h3" fontSize="17px">
        Keep in mind
      </Box>
      {says.length > 0 && <Box>{says.join(' ')}</Box>}
      {never.length > 0 && (
        <Stack as="ul" aria-label="Never" gap="2px" listStyleType="none">
          {never.map(({ what, why }) => (
            <li key={what}>
              <Box as="span" color="brick" fontWeight={600}>
                Never: {what}
              </Box>{' '}
              <Box as="span" color="soft">
                {why}
              </Box>
            </li>
          ))}
        </Stack>
      )}
      {prevent.length > 0 && <Box color="soft">Next time: {prevent.join(' ')}</Box>}
    </Stack>
  );
}
