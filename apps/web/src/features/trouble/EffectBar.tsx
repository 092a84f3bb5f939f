import { Box } from '@chakra-ui/react';
import { effectRange, effectWords, type Pass } from '@feverfew/contracts';

/** Expected effect of one round as a range on a line, with a plain word. */
export function EffectBar({ effect, ofRest }: { effect: Pass['effect']; ofRest: boolean }) {
  return (
    <Box>
      <Box position="relative" height="9px" borderRadius="full" bg="track" aria-hidden="true">
        <Box
          position="absolute"
          height="9px"
          borderRadius="full"
          bg="leaf"
          left={`${effect.low * 100}%`}
          width={`${Math.max(3, (effect.high - effect.low) * 100)}%`}
        />
      </Box>
      <Box fontSize="14px" marginTop="3px">
        takes out <strong>{effectRange(effect)}</strong>
        {ofRest ? ' of what is left' : `, ${effectWords(effect)}`}
      </Box>
    </Box>
  );
}
