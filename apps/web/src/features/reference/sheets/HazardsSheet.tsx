import { Box, chakra, Grid, Stack } from '@chakra-ui/react';
import { CHEMISTRY_WORDS, type Reference } from '@feverfew/contracts';
import { useState } from 'react';
import { CautionDigest } from '../../../components/notices/CautionDigest';
import { Sources } from '../Fact';

type Pair = Reference['forbiddenPairs'][number];

const APART = {
  plan: ['✕', 'never in one plan'],
  rinseAndDry: ['◆', 'rinse out fully and let dry between'],
  rinse: ['○', 'rinse out fully between'],
  air: ['△', 'air until dry and without smell between'],
} as const;

const Cell = chakra('button', {
  base: {
    width: '100%',
    minHeight: { base: '2.75rem', md: '1.875rem' },
    minWidth: '1.625rem',
    border: '1px solid',
    borderColor: 'line',
    fontWeight: 700,
    fontSize: 'note',
  },
  variants: {
    apart: {
      plan: { bg: 'brickTint', color: 'brick' },
      rinseAndDry: { bg: 'discTint', color: 'ink' },
      rinse: { bg: 'waterTint', color: 'water' },
      air: { bg: 'paper', color: 'ink' },
    },
    chosen: { true: { outline: '3px solid', outlineColor: 'ink' } },
  },
});

/** Which may never meet, as a grid: a row and a column for each, the reason at the crossing. */
export function HazardsSheet({ reference }: { reference: Reference }) {
  const [chosen, setChosen] = useState<Pair | undefined>(reference.forbiddenPairs[0]);
  const { forbiddenPairs: pairs } = reference;
  const rows = [...new Set(pairs.map((pair) => pair.a))];
  const columns = [...new Set(pairs.map((pair) => pair.b))];
  const between = (a: string, b: string) =>
    pairs.find((pair) => (pair.a === a && pair.b === b) || (pair.a === b && pair.b === a));
  return (
    <>
      <Stack direction="row" gap="4" wrap="wrap" fontSize="small" paddingBottom="2">
        {Object.entries(APART).map(([apart, [sign, words]]) => (
          <span key={apart}>
            <strong>{sign}</strong> {words}
          </span>
        ))}
      </Stack>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'auto minmax(16.25rem, 1fr)' }}
        gap="0.75rem 2.25rem"
      >
        <Box overflowX="auto">
          <table style={{ borderCollapse: 'collapse', fontSize: '0.875rem' }}>
            <thead>
              <tr>
                <td />
                {columns.map((b) => (
                  <th
                    key={b}
                    scope="col"
                    style={{ verticalAlign: 'bottom', fontWeight: 500, padding: '0 0.125rem' }}
                  >
                    <span
                      style={{
                        writingMode: 'vertical-rl',
                        transform: 'rotate(180deg)',
                        whiteSpace: 'nowrap',
                      }}
                    >
                      {CHEMISTRY_WORDS[b]}
                    </span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((a) => (
                <tr key={a}>
                  <th
                    scope="row"
                    style={{
                      textAlign: 'end',
                      fontWeight: 600,
                      paddingInlineEnd: '0.5rem',
                      whiteSpace: 'nowrap',
                    }}
                  >
                    {CHEMISTRY_WORDS[a]}
                  </th>
                  {columns.map((b) => {
                    const pair = between(a, b);
                    return (
                      <td key={b} style={{ padding: 0 }}>
                        {pair && (
                          <Cell
                            type="button"
                            apart={pair.apart}
                            chosen={pair === chosen}
                            aria-label={`${CHEMISTRY_WORDS[a]} and ${CHEMISTRY_WORDS[b]}: ${pair.happens}`}
                            onClick={() => setChosen(pair)}
                          >
                            {APART[pair.apart][0]}
                          </Cell>
                        )}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
        {chosen && <Meeting pair={chosen} />}
      </Grid>
      <Box as="h2" fontSize="lead" marginTop="2">
        Cautions and their ground
      </Box>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap="0.375rem 1.25rem">
        {reference.cautions.map((caution) => (
          <CautionDigest key={caution.id} ids={[caution.id]} lead={caution.ground.replace(/\.$/, '')} />
        ))}
      </Grid>
    </>
  );
}

/** What happens when two meet, large enough to read from the sink. */
function Meeting({ pair }: { pair: Pair }) {
  const [sign, words] = APART[pair.apart];
  return (
    <Box role="status" paddingTop={{ lg: '11.25rem' }} maxWidth="46ch">
      <Box fontFamily="heading" fontSize="title" fontWeight={650} lineHeight="1.3">
        {CHEMISTRY_WORDS[pair.a]} and {CHEMISTRY_WORDS[pair.b]}
      </Box>
      <Box fontSize="subhead" color="brick">
        together it {pair.happens}.
      </Box>
      <Box fontSize="lead" paddingTop="2">
        {sign} {words}
        {pair.blocksSurface ? '; never both on a surface that cannot be rinsed through' : ''}.
      </Box>
      <Sources ids={pair.sourceIds} />
    </Box>
  );
}
