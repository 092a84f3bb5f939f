import { Box, Stack } from '@chakra-ui/react';
import type { Plan } from '@feverfew/contracts';

/** What it most likely is and why it is there, and what to do in the first seconds. */
export function PlanHead({ plan: { verdict, atOnce } }: { plan: Plan }) {
  return (
    <Stack gap="8px" paddingBlock="4px 8px">
      {verdict.map(({ courseId, is, cause, causeActions }) => (
        <Box key={courseId}>
          <Box fontWeight={600}>{is}</Box>
          <Box color="soft" fontSize="15px">
            {[cause, ...causeActions].join(' ')}
          </Box>
        </Box>
      ))}
      {atOnce.actions.length + atOnce.donts.length > 0 && (
        <Box
          as="section"
          aria-label="At once"
          bg="paper"
          border="1px solid"
          borderColor="line"
          borderRadius="8px"
          padding="10px 14px"
        >
          <Box as="h3" fontSize="17px">
            At once
          </Box>
          <Stack as="ol" gap="2px" paddingInlineStart="20px" listStyleType="decimal" fontSize="16px">
            {atOnce.actions.map(({ text }) => (
              <li key={text}>{text}</li>
            ))}
          </Stack>
          {atOnce.donts.length > 0 && (
            <Box color="brick" paddingTop="4px" fontWeight={600}>
              {atOnce.donts.join(' ')}
            </Box>
          )}
        </Box>
      )}
    </Stack>
  );
}
