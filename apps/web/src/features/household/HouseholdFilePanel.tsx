import { Box, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { useImportHousehold } from '../../app/queries';
import { Button } from '../../components/controls';
import { LinkButton } from '../../components/LinkButton';
import { Notice } from '../../components/Notice';

/** Out as a file, in from one: all of it or nothing. */
export function HouseholdFilePanel({ onRead }: { onRead: () => void }) {
  const read = useImportHousehold();
  const [fault, setFault] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setFault(null);
    read.reset();
    try {
      read.mutate(JSON.parse(await file.text()), { onSuccess: onRead });
    } catch {
      setFault(
        `“${file.name}” does not read as JSON: it is cut off or another kind of file. Nothing was changed.`,
      );
    }
    if (input.current) input.current.value = '';
  };
  return (
    <Box
      as="section"
      aria-label="As a file"
      maxWidth="1080px"
      marginInline="auto"
      padding={{ base: '0 16px 30px', md: '0 28px 30px' }}
    >
      <Box as="h2" fontSize="20px">
        As a file
      </Box>
      <Box color="soft" fontSize="15px" marginBottom="8px">
        Vessels, water, measures, products and kept mixes as JSON, with a published schema.
      </Box>
      <Flex gap="10px" wrap="wrap" alignItems="center">
        <a href="/api/household/file" download="household.feverfew.json">
          <Button as="span">Take the household along</Button>
        </a>
        <Button onClick={() => input.current?.click()} disabled={read.isPending}>
          Read a household in
        </Button>
        <input
          ref={input}
          type="file"
          accept="application/json,.json"
          aria-label="Household file"
          style={{ display: 'none' }}
          onChange={(event) => void take(event.currentTarget.files?.[0])}
        />
        <LinkButton to="/api/household/file/schema" reloadDocument variant="plain">
          Its JSON Schema
        </LinkButton>
      </Flex>
      {read.isSuccess && (
        <Box role="status" marginTop="8px">
          Read in: {read.data.settings.household.vessels.length} vessels, {read.data.mixes.length} kept mixes.
        </Box>
      )}
      {(fault ?? read.error) && (
        <Notice kind="danger" word="Not read in">
          {fault ?? read.error?.message}
        </Notice>
      )}
    </Box>
  );
}
