import { Box, Flex, Stack } from '@chakra-ui/react';
import {
  type Catalogue,
  type Measures,
  type MixBath,
  type MixVerdict,
  ownerWords,
  peroxideToOxygenGPerL,
} from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Why } from '../../../components/layout/Why';
import { Terms } from '../../../components/text/Terms';
import { belowText, pHBasis, pHText, pouredText, sharesText, strengthText } from './mixView';
import { PHScale } from './PHScale';

/** The figures of a mix: how strong, how sour, how warm, how long. */
export function MixReadout({
  verdict,
  bath,
  catalogue,
  measures,
}: {
  verdict: MixVerdict;
  bath: MixBath;
  catalogue: Catalogue;
  measures: Measures;
}) {
  return (
    <Stack gap="3" as="section" aria-label="What the mix is">
      {bath.pours.length > 0 && <Strengths pours={bath.pours} catalogue={catalogue} measures={measures} />}
      {bath.pH ? (
        <BathPH pH={bath.pH} piece={verdict.envelope?.pH ?? null} />
      ) : (
        <Box color="soft" fontSize="small">
          pH says nothing of this mix.
        </Box>
      )}
      <WaterAndTime bath={bath} />
    </Stack>
  );
}

function Strengths({
  pours,
  catalogue,
  measures,
}: {
  pours: MixBath['pours'];
  catalogue: Catalogue;
  measures: Measures;
}) {
  const say = useLexicon();
  return (
    <Stack as="ul" listStyleType="none" gap="1.5" aria-label="Strengths">
      {pours.map((pour) => {
        const liquid = catalogue.agents.find((agent) => agent.id === pour.agentId)?.isLiquid ?? true;
        return (
          <Box as="li" key={pour.agentId}>
            <Flex justifyContent="space-between" gap="2.5" alignItems="baseline">
              <Box>{say.name(pour.agentId)}</Box>
              <Box fontFamily="heading" fontWeight={700} fontSize="heading" whiteSpace="nowrap">
                {strengthText(pour)}
              </Box>
            </Flex>
            <Box fontSize="caption" color="soft">
              {pouredText(pour, liquid, measures)}
            </Box>
          </Box>
        );
      })}
    </Stack>
  );
}

function BathPH({
  pH,
  piece,
}: {
  pH: NonNullable<MixBath['pH']>;
  piece: NonNullable<MixVerdict['envelope']>['pH'] | null;
}) {
  const say = useLexicon();
  return (
    <Box>
      <Flex justifyContent="space-between" alignItems="baseline" marginBottom="2.5">
        <Box fontWeight={650}>
          <Terms>{pHText(pH)}</Terms>
        </Box>
        <Why
          label="How the pH is found"
          title={pHText(pH)}
          sourceIds={['goldberg2002', 'memory']}
          trigger={
            <Button variant="plain" size="small">
              how
            </Button>
          }
        >
          <Stack gap="2">
            {pHBasis(pH).map((line) => (
              <Box key={line}>{line}</Box>
            ))}
          </Stack>
        </Why>
      </Flex>
      <PHScale pH={pH} piece={piece} />
      {piece?.limits[0] && (
        <Box fontSize="caption" color="soft">
          Set by {ownerWords(piece.limits[0].owner, say)}.
        </Box>
      )}
    </Box>
  );
}

/** Where its water comes from, its oxygen, how it cools, what bubbles off, what it costs to warm. */
function WaterAndTime({ bath }: { bath: MixBath }) {
  const say = useLexicon();
  const cool = bath.below.find(({ tempC }) => tempC === 40) ?? bath.below.at(-1);
  return (
    <Stack gap="0.5" fontSize="note">
      {bath.shares && (
        <Box>
          <strong>Water:</strong> {sharesText(bath, say)}.
        </Box>
      )}
      {bath.oxygenMgPerL !== null && (
        <Box>
          <strong>
            <Terms>Active oxygen:</Terms>
          </strong>{' '}
          {bath.oxygenMgPerL} mg/L, as much as {Math.round(bath.oxygenMgPerL / peroxideToOxygenGPerL(3))} mL
          of 3 % peroxide in each litre.
        </Box>
      )}
      {cool && (
        <Box>
          <strong>Cooling:</strong> {belowText(cool, say)}.
        </Box>
      )}
      {bath.carbonDioxideL > 0.05 && (
        <Box>
          <strong>Bubbles off:</strong> {bath.carbonDioxideL} L carbon dioxide. Never closed.
        </Box>
      )}
      {bath.energyKWh > 0.02 && (
        <Box color="soft">
          {say.volume(bath.totalML)} water, {bath.energyKWh} kWh to warm it.
        </Box>
      )}
    </Stack>
  );
}
