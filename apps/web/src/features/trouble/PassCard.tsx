import { Box, chakra, Flex, Grid, Stack } from '@chakra-ui/react';
import { isClaim, type Pass, type RoundPass } from '@feverfew/contracts';
import { memo } from 'react';
import { useLexicon, useMeasures } from '../../app/useLexicon';
import { Claims } from '../../components/Claims';
import { useCatalogue } from '../../queries/catalogueQueries';
import { ActionRecipe } from '../../recipe/ActionRecipe';
import type { OnTable } from '../../recipe/mixDraft';
import { GoneBar } from './GoneBar';
import { PassWhy } from './PassWhy';
import { passRemarks, recipeLine, timeLine } from './passView';

const Disc = chakra('span', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    width: '34px',
    height: '34px',
    borderRadius: 'full',
    border: '2px solid',
    borderColor: 'leaf',
    fontFamily: 'heading',
    fontWeight: 700,
    flexShrink: 0,
  },
  variants: { chosen: { true: { bg: 'leaf', color: 'onLeaf' }, false: { color: 'leaf' } } },
});
const TitleButton = chakra('button', {
  base: {
    textAlign: 'start',
    fontFamily: 'heading',
    fontWeight: 650,
    fontSize: '18px',
    lineHeight: 1.25,
    background: 'none',
    minHeight: '28px',
    _hover: { textDecoration: 'underline' },
  },
});

interface PassCardProps {
  readonly laid: RoundPass;
  /** The same as a run goes through it; undefined where only a passed water test opens it. */
  readonly pass: Pass | undefined;
  readonly lines: readonly string[];
  readonly number: number;
  readonly rungIndex: number;
  readonly chosen: boolean;
  readonly expanded: boolean;
  /** What the mix is held against on the table. */
  readonly on: OnTable;
  readonly onChoose: (rungIndex: number) => void;
}

/** One step: name, recipe in figures, what to mind, how much is gone after it, time, risk, what is missing. */
export const PassCard = memo(function StepCard({
  laid,
  pass,
  lines,
  number,
  rungIndex,
  chosen,
  expanded,
  on,
  onChoose,
}: PassCardProps) {
  const say = useLexicon();
  const measures = useMeasures();
  const reason = useCatalogue().data?.methods.find((method) => method.id === laid.methodId)?.reason;
  const ownLog = pass?.ownLog;
  const name = say.name(laid.methodId);
  return (
    <Box
      as="li"
      borderBottom="1px solid"
      borderColor="line"
      paddingBlock="12px"
      listStyleType="none"
      data-rung={laid.methodId}
      color={pass ? undefined : 'soft'}
    >
      <Flex gap="14px">
        <Disc chosen={chosen} aria-hidden="true">
          {number}
        </Disc>
        <Grid
          flex="1"
          minWidth="0"
          gap="6px 20px"
          templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 220px' }}
        >
          <Box>
            {pass ? (
              <TitleButton
                type="button"
                onClick={() => onChoose(rungIndex)}
                aria-expanded={expanded}
                aria-label={`Step ${number}: ${name}`}
              >
                {name}
              </TitleButton>
            ) : (
              <Box fontFamily="heading" fontWeight={650} fontSize="18px">
                {name}
              </Box>
            )}
            <Box fontWeight={650}>{recipeLine(laid.actions, say, measures)}</Box>
            <Box fontSize="15px">{lines.join(' ')}</Box>
          </Box>
          <Box>
            <GoneBar gone={laid.gone} prepares={laid.prepares} />
            {ownLog && (
              <Box fontSize="14px" fontWeight={650} color="leaf" data-own-log>
                from your own log: {ownLog.worked} of {ownLog.uses}
              </Box>
            )}
            <Box fontSize="14px" color="soft">
              {timeLine(laid.handsOnMin, laid.minutes)} · risk {laid.risk}
            </Box>
          </Box>
          <Stack gap="2px" gridColumn="1 / -1" fontSize="14px">
            {passRemarks(laid, say).map((remark) => (
              <Box key={remark} color="water">
                {remark}
              </Box>
            ))}
            <Claims findings={laid.findings.filter((finding) => isClaim(finding.code))} />
            {laid.missingAgentIds.length > 0 && (
              <Box color="brick">
                To get: {laid.missingAgentIds.map(say.name).join(', ')} — not in your cupboard.
              </Box>
            )}
          </Stack>
          {expanded && pass && (
            <Box gridColumn="1 / -1" fontSize="14.5px" color="soft">
              {reason}
            </Box>
          )}
          {expanded && pass && <PassWhy pass={pass} />}
          {expanded && pass && (
            <Stack
              as="ol"
              gridColumn="1 / -1"
              gap="10px"
              paddingInlineStart="20px"
              marginTop="4px"
              listStyleType="decimal"
            >
              {pass.steps.map((action) => (
                <li key={action.id}>
                  <ActionRecipe action={action} on={on} name={name} />
                </li>
              ))}
            </Stack>
          )}
        </Grid>
      </Flex>
    </Box>
  );
});
