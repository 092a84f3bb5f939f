import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { Catalogue, HouseholdSettings, MixVerdict, PieceSummary } from '@feverfew/contracts';
import { lazy, Suspense, useMemo } from 'react';
import { ApiProblem } from '../../../app/api/api';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { PageHeading } from '../../../components/layout/PageHeading';
import { BriefCautions } from '../../../components/notices/BriefCautions';
import { CautionDigest } from '../../../components/notices/CautionDigest';
import { Claims } from '../../../components/notices/Claims';
import { Notice } from '../../../components/notices/Notice';
import { Failed, Loading } from '../../../components/notices/States';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { useHousehold } from '../../../queries/householdQueries';
import { useJudgeMix } from '../../../queries/mixQueries';
import { usePieces } from '../../../queries/pieceQueries';
import { draftToMix, EMPTY_MIX_DRAFT, type MixDraft } from '../../../recipe/mixDraft';
import { OtherWay } from '../question/OtherWay';
import { KeepMix } from '../saved/KeepMix';
import { SavedMixes } from '../saved/SavedMixes';
import { Against, Refused } from './MixFindings';
import { MixReadout } from './MixReadout';
import { MixTub } from './MixTub';
import { TableSide } from './TableSide';
import { useMixDraft } from './useMixDraft';

const CoolingChart = lazy(() => import('./CoolingChart').then((chart) => ({ default: chart.CoolingChart })));

/** Pour and see: strengths, pH, warmth over time, what may not meet. The mix lives in the address of the page. */
export function MixPage() {
  const catalogue = useCatalogue();
  const settings = useHousehold();
  const pieces = usePieces();
  const failed = catalogue.error ?? settings.error ?? pieces.error;
  if (failed)
    return (
      <Failed
        error={failed}
        onRetry={() => void Promise.all([catalogue.refetch(), settings.refetch(), pieces.refetch()])}
      />
    );
  if (!catalogue.data || !settings.data || !pieces.data) return <Loading what="the mixing table" />;
  return <Table catalogue={catalogue.data} settings={settings.data} pieces={pieces.data} />;
}

function Table({
  catalogue,
  settings: { household, measures },
  pieces,
}: {
  catalogue: Catalogue;
  settings: HouseholdSettings;
  pieces: readonly PieceSummary[];
}) {
  const say = useLexicon();
  const [draft, change] = useMixDraft();
  const mix = useMemo(() => draftToMix(draft, pieces), [draft, pieces]);
  const judged = useJudgeMix(mix);
  const verdict = judged.isError ? undefined : judged.data;
  const fields = judged.error instanceof ApiProblem ? judged.error.fields : {};
  const bath = verdict?.bath ?? null;
  const vessel = household.vessels.find(
    (one) => draft.container.kind === 'vessel' && one.id === draft.container.vesselId,
  );
  const place =
    vessel?.name ??
    { cup: 'open cup or jug', bottle: 'closed bottle', sprayer: 'sprayer', vessel: 'vessel' }[
      draft.container.kind
    ];
  const cautionIds = bath && draft.pours.length > 0 ? (verdict?.cautionIds ?? []) : [];
  const rim =
    verdict && verdict.refused.length > 0 ? 'must not be mixed' : rimWords(verdict?.cautionIds ?? []);
  return (
    <Box
      maxWidth="82.5rem"
      marginInline="auto"
      padding={{ base: '0.875rem 1rem 2.5rem', lg: '1rem 1.625rem 2.5rem' }}
    >
      <Flex alignItems="baseline" justifyContent="space-between" marginBottom="2" gap="3" wrap="wrap">
        <PageHeading title="Mixing" />
        <Button variant="plain" size="small" onClick={() => change(EMPTY_MIX_DRAFT)}>
          Clear the table
        </Button>
      </Flex>
      <Grid
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'minmax(0, 1fr) minmax(0, 1fr)',
          xl: '23.125rem minmax(0, 1fr) 25rem',
        }}
        gap={{ base: '5.5', lg: '6.5' }}
        alignItems="start"
      >
        <TableSide
          draft={draft}
          household={household}
          catalogue={catalogue}
          pieces={pieces}
          fields={fields}
          onChange={change}
        />
        {/* On a phone the verdict and the vessel come before what is poured. */}
        <Stack gap="3" alignItems="stretch" order={{ base: -1, md: 0 }}>
          <Box textAlign="center" order={{ base: 1, md: 0 }}>
            {mix && <MixTub mix={mix} verdict={verdict} name={place} rim={rim} say={say} />}
          </Box>
          {judged.isError && (
            <Notice kind="danger" role="alert" word="Look again">
              {Object.values(fields)[0] ?? judged.error.message}
            </Notice>
          )}
          {verdict && <Judged verdict={verdict} draft={draft} cautionIds={cautionIds} />}
        </Stack>
        {cautionIds.length > 0 && (
          <Box display={{ md: 'none' }}>
            <CautionDigest ids={cautionIds} lead="Before you mix" />
          </Box>
        )}
        <Stack gap="3.5" gridColumn={{ base: 'auto', md: '1 / -1', xl: 'auto' }}>
          <Figures verdict={verdict} catalogue={catalogue} roomC={household.roomC} measures={measures} />
          {mix && verdict && bath && draft.pours.length > 0 && (
            <KeepMix
              mix={mix}
              name={draft.name}
              verdict={verdict}
              place={place}
              onName={(name) => change({ ...draft, name })}
            />
          )}
        </Stack>
      </Grid>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.35fr) minmax(0, 1fr)' }}
        gap="7.5"
        marginTop="7.5"
      >
        <OtherWay household={household} catalogue={catalogue} measures={measures} />
        <SavedMixes onOpen={change} />
      </Grid>
    </Box>
  );
}

interface JudgedProps {
  readonly verdict: MixVerdict;
  readonly draft: MixDraft;
  /** What to mind before it is poured; empty while nothing is. */
  readonly cautionIds: readonly string[];
}

/** What speaks against it, what people believe of it, what to mind before it is poured. */
function Judged({ verdict, draft, cautionIds }: JudgedProps) {
  const { bath } = verdict;
  return (
    <>
      <Refused findings={verdict.refused} />
      <Against findings={verdict.against} hasPiece={bath !== null && draft.on.kind !== 'nothing'} />
      <Claims findings={verdict.claims} />
      {cautionIds.length > 0 && (
        <>
          {/* On a phone the whole text comes after the amounts: these have to be in sight with the vessel. */}
          <Box display={{ md: 'none' }}>
            <BriefCautions ids={cautionIds} />
          </Box>
          <Box display={{ base: 'none', md: 'block' }}>
            <CautionDigest ids={cautionIds} lead="Before you mix" />
          </Box>
        </>
      )}
    </>
  );
}

interface FiguresProps {
  readonly verdict: MixVerdict | undefined;
  readonly catalogue: Catalogue;
  readonly roomC: number;
  readonly measures: HouseholdSettings['measures'];
}

/** A bath that differs from its room by less than this has no curve to speak of, °C. */
const WORTH_A_CURVE_C = 3;

function Figures({ verdict, catalogue, roomC, measures }: FiguresProps) {
  const bath = verdict?.bath;
  if (!verdict || !bath)
    return (
      <Box color="soft" fontSize="note">
        {verdict && verdict.refused.length > 0
          ? 'No figures are given for what must not be mixed.'
          : 'Strength, pH, warmth over time and active oxygen stand here as soon as something is poured.'}
      </Box>
    );
  return (
    <>
      <MixReadout verdict={verdict} bath={bath} catalogue={catalogue} measures={measures} />
      {bath.curve.length > 0 && Math.abs(bath.startC - roomC) >= WORTH_A_CURVE_C && (
        <Suspense fallback={<Loading what="the curve" />}>
          <CoolingChart
            bath={bath}
            roomC={roomC}
            maxC={verdict.envelope?.tempC.max ?? null}
            measures={measures}
          />
        </Suspense>
      )}
    </>
  );
}

/** The shortest word of warning for the rim; all cautions stand below in full. */
function rimWords(cautionIds: readonly string[]): string {
  const words: readonly (readonly [string, string])[] = [
    ['chlorineAlone', 'water only, window open'],
    ['flammable', 'no flame, no warm water'],
    ['reducerCare', 'fumes: window open'],
    ['tongs', 'scalds: tongs'],
    ['noClosedVessel', 'never closed: gives off gas'],
    ['hotWater', 'hot: mind your hands'],
    ['ammoniaFumes', 'fumes: window open'],
    ['oxalicCare', 'poisonous'],
  ];
  return words
    .filter(([id]) => cautionIds.includes(id))
    .slice(0, 2)
    .map(([, text]) => text)
    .join(' · ');
}
