import { Box } from '@chakra-ui/react';
import {
  type HeapPiece,
  heldByWords,
  type LoadDose,
  type LoadView,
  lengthWords,
  type PieceNames,
} from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { usePrintSheet } from '../../components/files/usePrintSheet';
import { choresText } from './LoadText';
import { kilos, pieceTitle } from './washView';

/** A6 for the machine: what is in it, what it is set to, what goes where, what stays out of the dryer. */
export function PrintLoad({
  load,
  pieces,
  name,
}: {
  load: LoadView;
  pieces: readonly HeapPiece[];
  name: PieceNames;
}) {
  const paper = usePrintSheet();
  const say = useLexicon();
  const { main, oxygen, lastRinse, before } = load.compartments;
  const dose = (word: string, given: LoadDose | null) =>
    given && (
      <div>
        {word}: {say.name(given.agentId)}{' '}
        {given.massG === null ? say.volume(given.volumeML) : `${given.massG} g`}
      </div>
    );
  const chores = choresText(load, name, load.pieceIds.length);
  const card = (
    <Box fontSize="9.5pt" lineHeight="1.35">
      <Box as="h2" fontSize="14pt" fontWeight={700}>
        {load.programme.name} {say.temp(load.tempC)}
      </Box>
      <div>
        spin {load.spinRpm} · {lengthWords(load.minutes)} · {kilos(load.massG)} kg
      </div>
      <Box marginBlock="3mm">{pieces.map(pieceTitle).join(' · ')}</Box>
      {chores && <div>Before: {chores}.</div>}
      {dose('before', before)}
      {dose('main', main)}
      {dose('with it', oxygen)}
      {dose('last rinse', lastRinse)}
      {load.dryer && load.dryer.out.length > 0 && (
        <Box marginTop="3mm">
          Not in the dryer:{' '}
          {load.dryer.out
            .map(
              ({ pieceId, by, marked }) =>
                `${name(pieceId)}${marked ? ', still marked' : by ? `, ${heldByWords(by, say)}` : ''}`,
            )
            .join('; ')}
        </Box>
      )}
      <Box marginTop="3mm">Follow the product’s own label. Hang it within twelve hours.</Box>
    </Box>
  );
  return (
    <>
      <Button variant="plain" size="small" paddingInline="0" onClick={() => paper.print(card, 'A6')}>
        Print a card
      </Button>
      {paper.sheet}
    </>
  );
}
