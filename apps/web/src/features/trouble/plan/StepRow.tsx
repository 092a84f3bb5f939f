import { Box, Flex } from '@chakra-ui/react';
import { useLexicon } from '../../../app/useLexicon';
import { GoneBar, Waterline } from './GoneBar';
import { ROW, RowClock } from './rowParts';
import { type StepRowProps, StepText } from './StepText';
import { waterOf } from './stepView';

/** One step: when, what, with how much, what to mind, and how much is gone after it; `limit` is what binds its bath. */
export function StepRow({ limit, ...props }: StepRowProps & { readonly limit: string | null }) {
  const { laid, pass, number, at, isLast, waitsForTest, progress } = props;
  const say = useLexicon();
  const water = waterOf(laid, say);
  const isOutline = !pass || laid.missingAgentIds.length > 0;
  const bar = (
    <GoneBar
      gone={laid.gone}
      prepares={laid.prepares && !isLast}
      isOutline={isOutline}
      isSoft={waitsForTest}
      seen={progress.seen}
    />
  );
  return (
    <Box
      as="li"
      display="grid"
      gridTemplateColumns={ROW}
      columnGap={{ md: '0' }}
      listStyleType="none"
      data-pass={laid.methodId}
      color={pass ? undefined : 'soft'}
      borderInline={{ base: '4px solid', md: 'none' }}
      borderColor="ink"
      bg={{ base: water ? 'waterTint' : undefined, md: 'transparent' }}
    >
      <RowClock at={at} beside />
      <Flex
        direction="column"
        display={{ base: 'none', md: 'flex' }}
        borderInline="4px solid"
        borderColor="ink"
        paddingTop="3.5"
        minHeight="3.625rem"
        aria-hidden="true"
      >
        {bar}
        {water && (
          <Flex direction="column" flex="1" minHeight="4.625rem" marginTop="1">
            <Waterline />
            <Box bg="waterTint" flex="1" color="water" padding="0.25rem 0.625rem">
              <Box fontFamily="heading" fontWeight={650} fontSize="subhead" lineHeight="1.2">
                {water.warmth}
              </Box>
              <Box fontWeight={650} fontSize="small">
                {water.time}
              </Box>
              {limit && (
                <Box
                  color="ink"
                  fontSize="small"
                  lineHeight="1.25"
                  marginTop="1"
                  borderTop="2px dotted"
                  borderColor="ink"
                >
                  {limit}
                </Box>
              )}
            </Box>
          </Flex>
        )}
      </Flex>
      {water && (
        <Box display={{ base: 'block', md: 'none' }} bg="card">
          <Waterline />
        </Box>
      )}
      <StepText {...props} isOutline={isOutline} number={number} />
      <Box display={{ base: 'block', md: 'none' }} bg="card" paddingBottom="2">
        {bar}
      </Box>
    </Box>
  );
}
