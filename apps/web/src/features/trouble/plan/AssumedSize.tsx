import { Box } from '@chakra-ui/react';
import type { Finding, TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { Button } from '../../../components/controls/controls';
import { SizePicker } from '../../../facts/pickers/SizePicker';

interface AssumedSizeProps {
  readonly assumed: Extract<Finding, { code: 'sizeAssumed' }>;
  readonly facts: TroubleFacts;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** The assumed size behind the amounts of a step. A tap enters it in place. */
export function AssumedSize({ assumed, facts, onFacts }: AssumedSizeProps) {
  const [open, setOpen] = useState(false);
  const { lengthCm, widthCm } = assumed.facts;
  return (
    <Box paddingBlock="1" data-assumed-size="">
      <Button size="small" aria-expanded={open} borderStyle="dotted" onClick={() => setOpen(!open)}>
        Assumed size: a palm, {lengthCm} × {widthCm} cm
      </Button>
      {open && (
        <Box paddingTop="2">
          <SizePicker
            size={facts.size}
            onChange={(size) => onFacts({ size })}
            onDone={() => setOpen(false)}
          />
        </Box>
      )}
    </Box>
  );
}
