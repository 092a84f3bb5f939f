import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import { ButtonPicker } from '../../../components/controls/ButtonPicker';
import { ChipButton } from '../../../components/controls/controls';
import { COLOUR_WORDS } from '../../../facts/sentenceView';
import type { OnTable } from '../../../recipe/mixDraft';

/** What is to go into the mix, so that it is held against what the cloth can stand. */
export function OnPicker({
  on,
  catalogue,
  pieces,
  onChange,
}: {
  on: OnTable;
  catalogue: Catalogue;
  pieces: readonly PieceSummary[];
  onChange: (on: OnTable) => void;
}) {
  const names =
    on.kind === 'piece'
      ? [pieces.find((piece) => piece.id === on.pieceId)?.name ?? 'a piece that is gone']
      : on.kind === 'fibres'
        ? on.fibreIds.map((id) => catalogue.fibres.find((fibre) => fibre.id === id)?.name ?? id)
        : [];
  const planned =
    on.kind === 'nothing'
      ? []
      : [...(on.colour ? [COLOUR_WORDS[on.colour]] : []), ...(on.tag ? [`tag ${on.tag.maxC}\u00a0°C`] : [])];
  return (
    <Box as="section" aria-label="What goes in">
      <Box fontSize="small" color="soft" marginBottom="1">
        What gets it
      </Box>
      <Flex gap="2" wrap="wrap" alignItems="center">
        {names.map((name) => (
          <ChipButton
            key={name}
            size="touch"
            state="chosen"
            aria-label={`Take out ${name}`}
            onClick={() => onChange({ kind: 'nothing' })}
          >
            {name} ✕
          </ChipButton>
        ))}
        {planned.length > 0 && (
          <Box color="soft" fontSize="note">
            as the plan took it: {planned.join(', ')}
          </Box>
        )}
        <ButtonPicker
          text={names.length === 0 ? 'Hold it against a piece or fibre' : 'Another'}
          question="What goes in?"
          groups={[
            {
              title: 'Fibres',
              options: catalogue.fibres.map((fibre) => ({ ...fibre, id: `fibre*${fibre.id}` })),
            },
            {
              title: 'Your pieces',
              options: pieces.map((piece) => ({ id: `piece*${piece.id}`, name: piece.name, aliases: [] })),
            },
          ]}
          onChoose={(choice) => {
            const [kind, id = ''] = choice.split('*');
            onChange(kind === 'piece' ? { kind: 'piece', pieceId: id } : { kind: 'fibres', fibreIds: [id] });
          }}
        />
      </Flex>
    </Box>
  );
}
