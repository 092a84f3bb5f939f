import { Box, Flex } from '@chakra-ui/react';
import type { Mix, MixVerdict } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Button, Input } from '../../../components/controls/controls';
import { downloadText } from '../../../components/files/downloadText';
import { usePrintSheet } from '../../../components/files/usePrintSheet';
import { Notice } from '../../../components/notices/Notice';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { useMay } from '../../../queries/deviceQueries';
import { useKeepMix } from '../../../queries/mixQueries';
import { MixTag } from './MixTag';
import { mixMarkdown } from './mixMarkdown';

/** Name it, put it on the shelf, print its tag, take it along as text. */
export function KeepMix({
  mix,
  name,
  verdict,
  place,
  onName,
}: {
  mix: Mix;
  name: string;
  verdict: MixVerdict;
  place: string;
  onName: (name: string) => void;
}) {
  const keep = useKeepMix();
  const may = useMay('all');
  const paper = usePrintSheet();
  const say = useLexicon();
  const catalogue = useCatalogue().data;
  return (
    <Box as="section" aria-label="Keep this mix" borderTop="1px solid" borderColor="line" paddingTop="3">
      <Box as="label" display="block" fontSize="small" color="soft">
        Name of the mix
        <Input
          value={name}
          placeholder="White soak for the bucket"
          maxLength={60}
          onChange={(event) => {
            keep.reset();
            onName(event.currentTarget.value);
          }}
        />
      </Box>
      <Flex gap="2" marginTop="2" wrap="wrap">
        {may && (
          <Button variant="action" disabled={keep.isPending} onClick={() => keep.mutate({ name, mix })}>
            Put it on the shelf
          </Button>
        )}
        <Button
          disabled={!verdict.bath}
          onClick={() =>
            verdict.bath &&
            paper.print(<MixTag name={name} verdict={verdict} bath={verdict.bath} place={place} />)
          }
        >
          Print its tag
        </Button>
        <Button
          onClick={() =>
            catalogue &&
            downloadText(`${name || 'mix'}.md`, 'text/markdown', mixMarkdown(name, verdict, catalogue, say))
          }
        >
          As Markdown
        </Button>
      </Flex>
      {paper.sheet}
      {keep.isSuccess && <Box role="status">On the shelf.</Box>}
      {keep.isError && (
        <Notice kind="danger" role="alert" word="Not kept">
          {keep.error.message === 'The request breaks its contract.'
            ? 'Give the mix a name you would know it by.'
            : keep.error.message}
        </Notice>
      )}
    </Box>
  );
}
