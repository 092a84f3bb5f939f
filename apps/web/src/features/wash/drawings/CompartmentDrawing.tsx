import { Box, Flex } from '@chakra-ui/react';
import { type LoadDose, type LoadView, NO_LAST_RINSE_WORDS } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';

/** mL a full compartment is drawn with. */
const FULL_ML = 150;

/** Three compartments of a machine's drawer with what goes where, and the product's own caps below. */
export function CompartmentDrawing({
  of: { before, main, oxygen, lastRinse, noLastRinse, extraRinse, dyeCatcher },
}: {
  of: LoadView['compartments'];
}) {
  const say = useLexicon();
  return (
    <Box>
      <Flex gap="1" fontSize="small" color="soft" maxWidth="18.125rem">
        <Compartment name="before" dose={before} wide={2} />
        <Compartment name="main" dose={main} wide={3} />
        <Compartment name="last rinse" dose={lastRinse} wide={2} isRinse />
      </Flex>
      {main && <DoseLine dose={main} name={say.name(main.agentId)} />}
      {oxygen && <DoseLine dose={oxygen} name={`with it ${say.name(oxygen.agentId)}`} />}
      <Box fontSize="small" color="soft" marginTop="1">
        {lastRinse
          ? `${say.name(lastRinse.agentId)} last, no softener`
          : noLastRinse && NO_LAST_RINSE_WORDS[noLastRinse]}
        {extraRinse && ' · an extra rinse'}
        {dyeCatcher && ' · a dye catcher in the drum'}
      </Box>
    </Box>
  );
}

function Compartment({
  name,
  dose,
  wide,
  isRinse = false,
}: {
  name: string;
  dose: LoadDose | null;
  wide: number;
  isRinse?: boolean;
}) {
  const say = useLexicon();
  // Below the figure, so that the water's edge does not strike it through.
  const share = dose ? Math.min(0.45, Math.max(0.1, dose.volumeML / FULL_ML / 2)) : 0;
  return (
    <Box flex={wide} textAlign="center">
      <Box>{name}</Box>
      <Flex
        height="2.75rem"
        align="flex-end"
        position="relative"
        border="1.8px solid"
        borderTopWidth="0"
        borderStyle={dose ? 'solid' : 'dotted'}
        borderColor="ink"
        borderBottomRadius="md"
        overflow="hidden"
      >
        <Box
          width="100%"
          height={`${share * 100}%`}
          bg={isRinse ? 'discTint' : 'waterTint'}
          borderTop={dose ? '2px solid' : 'none'}
          borderColor={isRinse ? 'disc' : 'water'}
        />
        <Flex
          position="absolute"
          insetInline="0"
          top="2px"
          align="center"
          justify="center"
          color={dose ? 'ink' : 'soft'}
          fontWeight={dose ? 700 : 400}
        >
          {dose ? (dose.massG === null ? say.volume(dose.volumeML) : `${dose.massG} g`) : 'empty'}
        </Flex>
      </Flex>
    </Box>
  );
}

/** Name, caps as caps, and where the figure comes from. */
function DoseLine({ dose, name }: { dose: LoadDose; name: string }) {
  const { caps, capML, massG, inHouse, assumed } = dose;
  const count = caps ?? 0;
  return (
    <Flex align="center" gap="0.3125rem" wrap="wrap" fontSize="note" marginTop="1.5">
      <Box as="span">{name}</Box>
      {massG !== null && (
        <Box as="span" fontWeight={700}>
          {massG} g
        </Box>
      )}
      {caps !== null &&
        Array.from({ length: Math.min(5, Math.ceil(count)) }, (_, index) => index).map((index) => (
          <Cap key={index} half={index + 1 > count} />
        ))}
      {caps !== null && (
        <Box as="span">
          <b>{count === 0.5 ? '½' : `${Math.floor(count)}${count % 1 ? '½' : ''}`}</b>{' '}
          {count > 1 ? 'caps' : 'cap'}
          {capML !== null && (
            <Box as="span" color="soft">
              {' '}
              of {capML} mL
            </Box>
          )}
        </Box>
      )}
      {!inHouse && (
        <Box as="span" color="brick">
          not in the house
        </Box>
      )}
      {assumed && inHouse && (
        <Box as="span" color="soft">
          usual dose
        </Box>
      )}
    </Flex>
  );
}

function Cap({ half }: { half: boolean }) {
  return (
    <svg width="15" height="15" viewBox="0 0 15 15" aria-hidden="true">
      <path d="M1 1H14L12.5 14H2.5Z" fill="none" stroke="var(--ff-colors-ink)" strokeWidth="1.4" />
      <path d={half ? 'M1.8 7.5H13.2L12.5 14H2.5Z' : 'M1 1H14L12.5 14H2.5Z'} fill="var(--ff-colors-water)" />
    </svg>
  );
}
