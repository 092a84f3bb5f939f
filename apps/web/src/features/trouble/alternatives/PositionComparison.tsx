import { Box, Dialog, Grid, Portal } from '@chakra-ui/react';
import {
  type Catalogue,
  type ComparedPosition,
  durationWords,
  effectRange,
  recipeWords,
  type TroubleFacts,
} from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Failed, Loading } from '../../../components/notices/States';
import { useComparePositions } from '../../../queries/planQueries';

interface PositionComparisonProps {
  readonly dispute: string;
  readonly facts: TroubleFacts;
  readonly catalogue: Catalogue;
  readonly onChoose: (positionId: string) => void;
  readonly onClose: () => void;
}

/**
 * Every position of one dispute followed to the end on this trouble. The differences are shown; the rest is
 * quiet.
 */
export function PositionComparison({
  dispute,
  facts,
  catalogue,
  onChoose,
  onClose,
}: PositionComparisonProps) {
  const compared = useComparePositions(facts, dispute);
  const question = catalogue.disputes.find((candidate) => candidate.id === dispute)?.question;
  return (
    <Dialog.Root open onOpenChange={(details) => !details.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content width="min(100%, 67.5rem)">
            <Dialog.Title>{question}</Dialog.Title>
            {compared.isPending && <Loading what="both plans" />}
            {compared.isError && <Failed error={compared.error} onRetry={() => void compared.refetch()} />}
            {compared.data && (
              <Grid
                templateColumns={{ base: '1fr', md: `repeat(${compared.data.length}, minmax(0, 1fr))` }}
                gap="4.5"
              >
                {compared.data.map((one) => (
                  <Compared key={one.positionId} one={one} catalogue={catalogue} onChoose={onChoose} />
                ))}
              </Grid>
            )}
            <Dialog.Footer>
              <Button onClick={onClose}>Close</Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Compared({
  one,
  catalogue,
  onChoose,
}: {
  one: ComparedPosition;
  catalogue: Catalogue;
  onChoose: (positionId: string) => void;
}) {
  const say = useLexicon();
  const position = catalogue.positions.find((candidate) => candidate.id === one.positionId);
  const facts = [
    ['Your time', `${one.handsOnMin} min for all steps`],
    ['In all', durationWords(one.totalMin.low, one.totalMin.high)],
    ['Steps', String(one.actions)],
    ['Risk', one.worstRisk ?? '—'],
  ] as const;
  return (
    <Box
      as="section"
      aria-label={position?.name}
      borderTop="4px solid"
      borderColor={one.isFollowed ? 'leaf' : 'line'}
      paddingTop="2.5"
      data-school={one.positionId}
    >
      <Box as="h3" fontSize="large">
        {position?.name}
      </Box>
      <Box color="soft" fontSize="small" marginBottom="2.5">
        {position?.why}
      </Box>
      <Box as="ol" padding="0" listStyleType="none">
        {one.plan.passes.length === 0 && <Box color="brick">Nothing at home this way.</Box>}
        {one.plan.passes.map((pass, index) => {
          const own = one.ownMethodIds.includes(pass.methodId);
          return (
            <Box
              as="li"
              key={pass.passId ?? pass.methodId}
              paddingBlock="1.5"
              borderBottom="1px solid"
              borderColor="line"
            >
              <Box fontWeight={own ? 700 : 400} color={own ? 'ink' : 'soft'}>
                {index + 1}. {say.name(pass.methodId)}
                {own && ' — only here'}
              </Box>
              {own && (
                <Box fontSize="small">
                  {recipeWords({ actions: pass.actions, methodId: pass.methodId }, say)}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
      <Box
        as="dl"
        display="grid"
        gridTemplateColumns="5.5rem 1fr"
        gap="2px 0.5rem"
        fontSize="small"
        marginBlock="2.5"
      >
        {facts.map(([term, text]) => (
          <Box key={term} display="contents">
            <Box as="dt" color="soft">
              {term}
            </Box>
            <Box as="dd">{text}</Box>
          </Box>
        ))}
      </Box>
      {one.bestEffect && <Box fontSize="small">Best step: {effectRange(one.bestEffect)} by itself</Box>}
      <Box marginTop="2.5">
        {one.isFollowed ? (
          <Box color="leaf" fontWeight={650}>
            ✓ this plan follows it
          </Box>
        ) : (
          <Button size="small" onClick={() => onChoose(one.positionId)}>
            Follow it in this plan
          </Button>
        )}
      </Box>
    </Box>
  );
}
