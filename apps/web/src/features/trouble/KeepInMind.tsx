import { Box, Stack } from '@chakra-ui/react';
import { findingWords, lowerFirst, type Plan } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Terms } from '../../components/text/Terms';
import { quietFindings } from './PlanFindings';

/** Notes to the steps, the ground of each "never", and how to prevent the mark. */
export function KeepInMind({ plan }: { plan: Plan }) {
  const say = useLexicon();
  const { says, never, prevent } = plan.keep;
  const remarks = quietFindings(plan).map((finding) => findingWords(finding, say));
  return (
    <Stack gap="1.5" fontSize="body" maxWidth="72ch">
      {says.length + remarks.length > 0 && (
        <Box>
          <Terms>{[...remarks, ...says].join(' ')}</Terms>
        </Box>
      )}
      {never.length > 0 && (
        <Stack as="ul" aria-label="Never" gap="0.5" listStyleType="none">
          {never.map(({ what, why }) => (
            <li key={what}>
              <Box as="span" color="brick" fontWeight={600}>
                Never: {what}
              </Box>{' '}
              <Box as="span" color="soft">
                <Terms>{why}</Terms>
              </Box>
            </li>
          ))}
        </Stack>
      )}
      {prevent.length > 0 && (
        <Box color="soft">
          <Terms>{`Next time: ${prevent.join(' ')}`}</Terms>
        </Box>
      )}
    </Stack>
  );
}

/** What is never done to it, in one line that is not folded; each with its reason behind “Keep in mind”. */
export function NeverLine({ never }: Pick<Plan['keep'], 'never'>) {
  if (never.length === 0) return null;
  return (
    <Box paddingBlock="2" fontSize="body">
      <Box as="strong" color="brick">
        Never:
      </Box>{' '}
      {never.map(({ what }) => lowerFirst(what.replace(/\.$/, ''))).join('; ')}.
    </Box>
  );
}
