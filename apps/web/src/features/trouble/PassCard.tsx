import { Box, chakra, Flex, Grid, Stack } from '@chakra-ui/react';
import { isClaim, type Pass } from '@feverfew/contracts';
import { memo } from 'react';
import { useLexicon, useMeasures } from '../../app/useLexicon';
import { Claims } from '../../components/Claims';
import { useCatalogue } from '../../queries/catalogueQueries';
import { ActionRecipe } from '../../recipe/ActionRecipe';
import type { OnTable } from '../../recipe/mixDraft';
import { EffectBar } from './EffectBar';
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
  readonly pass: Pass;
  readonly number: number;
  readonly chosen: boolean;
  readonly expanded: boolean;
  /** What the mix is held against on the table. */
  readonly on: OnTable;
  readonly onChoose: (number: number) => void;
}

/** One pass: name, recipe in figures, one reason, effect as a range, time, risk, what is missing. */
export const PassCard = memo(function RungCard({
  pass,
  number,
  chosen,
  expanded,
  on,
  onChoose,
}: PassCardProps) {
  const say = useLexicon();
  const measures = useMeasures();
  const reason = useCatalogue().data?.methods.find((method) => method.id === pass.methodId)?.reason;
  return (
    <Box
      as="li"
      borderBottom="1px solid"
      borderColor="line"
      paddingBlock="12px"
      listStyleType="none"
      data-rung={pass.methodId}
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
            <TitleButton
              type="button"
              onClick={() => onChoose(number)}
              aria-expanded={expanded}
              aria-label={`Rung ${number}: ${say.name(pass.methodId)}`}
            >
              {say.name(pass.methodId)}
            </TitleButton>
            <Box fontWeight={650}>{recipeLine(pass, say, measures)}</Box>
            <Box fontSize="14.5px" color="soft">
              {reason}
            </Box>
          </Box>
          <Box>
            <EffectBar effect={pass.effect} ofRest={number > 1} />
            {pass.ownLog && (
              <Box fontSize="14px" fontWeight={650} color="leaf" data-own-log>
                from your own log: {pass.ownLog.worked} of {pass.ownLog.uses}
              </Box>
            )}
            <Box fontSize="14px" color="soft">
              {timeLine(pass)} · risk {pass.risk}
            </Box>
          </Box>
          <Stack gap="2px" gridColumn="1 / -1" fontSize="14px">
            {passRemarks(pass, say).map((remark) => (
              <Box key={remark} color="water">
                {remark}
              </Box>
            ))}
            <Claims findings={pass.findings.filter((finding) => isClaim(finding.code))} />
            {pass.missingAgentIds.length > 0 && (
              <Box color="brick">
                To get: {pass.missingAgentIds.map(say.name).join(', ')} — not in your cupboard.
              </Box>
            )}
          </Stack>
          {expanded && <PassWhy pass={pass} />}
          {expanded && (
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
                  <ActionRecipe action={action} on={on} name={say.name(pass.methodId)} />
                </li>
              ))}
            </Stack>
          )}
        </Grid>
      </Flex>
    </Box>
  );
});
