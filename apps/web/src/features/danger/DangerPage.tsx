import { Box, Stack } from '@chakra-ui/react';
import { EMPTY_FACTS } from '@feverfew/contracts';
import { useParams } from 'react-router';
import { NotFound } from '../../app/pages/NotFound';
import { LinkButton } from '../../components/controls/LinkButton';
import { PageHeading } from '../../components/layout/PageHeading';
import { Slate } from '../../components/layout/Slate';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { addressOf } from '../../facts/draftAddress';
import { withItem } from '../../facts/factsDraft';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useHousehold } from '../../queries/householdQueries';
import { sourcesText } from '../reference/sourcesText';
import { emergencyText, homeTitle, riskText, whereTitle } from './dangerView';

/** A poison on the cloth, a piece that protects life, an infection: a fixed text, people first, and no treatment. */
export function DangerPage() {
  const { dangerId } = useParams();
  const { data: catalogue, error, refetch } = useCatalogue();
  const house = useHousehold().data?.household ?? null;
  if (error && !catalogue) return <Failed error={error} onRetry={() => void refetch()} />;
  if (!catalogue) return <Loading what="this page" />;
  const danger = catalogue.dangers.find(({ id }) => id === dangerId);
  if (!danger) return <NotFound />;
  const { name, is, first, never, home, where, after, ask, sourceIds } = danger;
  const emergency = emergencyText(danger);
  const risk = riskText(danger, house);
  const item = catalogue.items.find(({ id }) => id === danger.itemId);
  const sources = catalogue.sources.filter(({ id }) => sourceIds.includes(id));
  return (
    <Stack gap="3.5" maxWidth="42.5rem" padding={{ base: '0.5rem 1rem 2rem', md: '1.5rem 2rem' }}>
      <PageHeading title={name} />
      {emergency && (
        <Notice kind="danger" word="Call the emergency number">
          {emergency}
        </Notice>
      )}
      <Slate
        name="First"
        label="First, in this order"
        verb={
          <Box
            as="ol"
            listStyleType="decimal"
            paddingInlineStart="1.3em"
            fontSize="subhead"
            lineHeight="1.45"
          >
            {first.map((act) => (
              <li key={act}>{act}</li>
            ))}
          </Box>
        }
      />
      {(risk.most || risk.here) && (
        <Notice kind="warning" word="People">
          {[risk.here, risk.most].filter((text) => text !== '').join(' ')}
        </Notice>
      )}
      <Lines title="Never" lines={never} />
      <Lines title={homeTitle(danger)} lines={[home.text]} />
      {where && <Lines title={whereTitle(danger)} lines={[where]} />}
      {after && <Lines title="Afterwards" lines={[after]} />}
      <Lines title="Whom to ask" lines={[ask]} />
      <Lines title="What it is" lines={[is]} />
      {item && (
        <LinkButton to={addressOf(withItem({ pieceId: null, facts: EMPTY_FACTS }, item))} alignSelf="start">
          Plan for a mark on it
        </LinkButton>
      )}
      <Box color="soft" fontSize="small">
        No medical advice. Local rules and the maker’s label come first. From:{' '}
        {sources.map(sourcesText).join('; ')}.
      </Box>
    </Stack>
  );
}

function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  return (
    <Box as="section" aria-label={title}>
      <Box as="h2" fontSize="subhead">
        {title}
      </Box>
      {lines.length > 1 ? (
        <Box as="ul" listStyleType="disc" paddingInlineStart="1.2em">
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      ) : (
        <Box>{lines[0]}</Box>
      )}
    </Box>
  );
}
