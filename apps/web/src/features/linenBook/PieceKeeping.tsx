import { Box, Flex } from '@chakra-ui/react';
import { type NewPiece, type Piece, toldOf } from '@feverfew/contracts';
import { useState } from 'react';
import { ApiProblem } from '../../app/api/api';
import { Button, Input } from '../../components/controls/controls';
import { useMay } from '../../queries/deviceQueries';
import { useSavePiece } from '../../queries/pieceQueries';

/** What it is called, since when it is in the house, and what a new one costs: the last two may stay untold. */
export function PieceKeeping({ piece }: { piece: Piece }) {
  const save = useSavePiece(piece.id);
  const [name, setName] = useState(piece.name);
  const [since, setSince] = useState(piece.since ?? '');
  const [cost, setCost] = useState(piece.replacementCost === null ? '' : String(piece.replacementCost));
  const may = useMay('all');
  const errors = save.error instanceof ApiProblem ? save.error.fields : {};
  const keep = () => {
    save.mutate({
      ...toldOf(piece),
      name: name.trim(),
      since: since === '' ? null : since,
      replacementCost: cost.trim() === '' ? null : Number(cost.replace(',', '.')),
    } as NewPiece);
  };
  if (!may) return null;
  return (
    <Flex
      as="form"
      gap="3"
      wrap="wrap"
      alignItems="flex-end"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <Box as="label" fontSize="note" color="soft" flex="1 1 12.5rem">
        Name
        <Input
          value={name}
          maxLength={80}
          aria-invalid={errors.name ? true : undefined}
          onChange={(event) => setName(event.currentTarget.value)}
        />
      </Box>
      <Box as="label" fontSize="note" color="soft">
        In the house since
        <Input
          type="date"
          value={since}
          max={new Date().toISOString().slice(0, 10)}
          aria-invalid={errors.since ? true : undefined}
          onChange={(event) => setSince(event.currentTarget.value)}
        />
      </Box>
      <Box as="label" fontSize="note" color="soft" maxWidth="10rem">
        A new one costs
        <Input
          inputMode="decimal"
          value={cost}
          aria-invalid={errors.replacementCost ? true : undefined}
          onChange={(event) => setCost(event.currentTarget.value)}
        />
      </Box>
      <Button type="submit" disabled={save.isPending}>
        Save
      </Button>
      {save.isSuccess && <span role="status">Saved.</span>}
      {save.error && (
        <Box color="brick" role="alert">
          {Object.values(errors)[0] ?? save.error.message}
        </Box>
      )}
    </Flex>
  );
}
