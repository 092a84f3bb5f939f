import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Household, PieceSummary } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { ButtonPicker } from '../../../components/controls/ButtonPicker';
import { ChipRow } from '../../../components/controls/ChipRow';
import { NumberBox } from '../../../components/controls/NumberBox';
import { TempBox } from '../../../components/controls/TempBox';
import type { MixDraft } from '../../../recipe/mixDraft';
import { OnPicker } from './OnPicker';
import { PourList } from './PourList';

interface TableSideProps {
  readonly draft: MixDraft;
  readonly household: Household;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  readonly fields: Readonly<Record<string, string>>;
  readonly onChange: (draft: MixDraft) => void;
}

const WARM_C = [30, 40, 50, 60] as const;

/** Vessel, water, products and what goes in: everything that is poured. */
export function TableSide({ draft, household, catalogue, pieces, fields, onChange }: TableSideProps) {
  const say = useLexicon();
  const set = (fields: Partial<MixDraft>) => onChange({ ...draft, ...fields });
  const places = [
    ...household.vessels.map(({ id, name }) => ({ value: `vessel*${id}`, text: name })),
    { value: 'cup', text: 'open cup or jug' },
    { value: 'bottle', text: 'closed bottle' },
    { value: 'sprayer', text: 'sprayer' },
  ];
  const inLitres = draft.container.kind === 'vessel';
  const chosen =
    draft.container.kind === 'vessel' ? `vessel*${draft.container.vesselId}` : draft.container.kind;
  const into = (value: string) => {
    const [kind, vesselId] = value.split('*');
    set({
      container: vesselId ? { kind: 'vessel', vesselId } : { kind: kind as 'cup' | 'bottle' | 'sprayer' },
    });
  };
  return (
    <Stack gap="3.5">
      <Box display={{ base: 'none', md: 'block' }}>
        <ChipRow label="Made in" options={places} chosen={chosen} onChoose={into} />
      </Box>
      <Flex display={{ base: 'flex', md: 'none' }} gap="2.5" align="center" wrap="wrap">
        <Box flex="1">
          Made in: <strong>{places.find(({ value }) => value === chosen)?.text}</strong>
        </Box>
        <ButtonPicker
          text="Another"
          question="What is it made in?"
          groups={[
            {
              title: '',
              options: places
                .filter(({ value }) => value !== chosen)
                .map(({ value, text }) => ({ id: value, name: text, aliases: [] })),
            },
          ]}
          onChoose={into}
        />
      </Flex>
      <Flex gap="3" wrap="wrap" alignItems="flex-end">
        <NumberBox
          label={inLitres ? 'Water, L' : 'Water, mL'}
          width="6.5rem"
          value={inLitres ? draft.waterML / 1000 : draft.waterML}
          error={fields.waterML}
          onChange={(amount) => set({ waterML: Math.round((amount ?? 0) * (inLitres ? 1e6 : 1e3)) / 1000 })}
        />
        <TempBox
          label="at °"
          width="5.25rem"
          value={draft.waterC}
          placeholderC={household.taps.coldC}
          error={fields.waterC}
          onChange={(waterC) => set({ waterC })}
        />
        <Flex gap="1.5" wrap="wrap">
          <ChipRow
            label="or as"
            options={[
              { value: 0, text: 'cold tap' },
              ...WARM_C.map((tempC) => ({ value: tempC as number, text: say.temp(tempC) })),
            ]}
            chosen={draft.waterC ?? 0}
            onChoose={(tempC) => set({ waterC: tempC === 0 ? null : tempC })}
          />
        </Flex>
      </Flex>
      <Box>
        <PourList
          pours={draft.pours}
          household={household}
          catalogue={catalogue}
          fields={fields}
          onChange={(pours) => set({ pours })}
        />
      </Box>
      <OnPicker on={draft.on} catalogue={catalogue} pieces={pieces} onChange={(on) => set({ on })} />
    </Stack>
  );
}
