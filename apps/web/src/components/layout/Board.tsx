import { Box } from '@chakra-ui/react';

/** Linen tape along the edge of a shelf, with its name on the first of it. */
export function Board({ name }: { readonly name: string | null }) {
  return (
    <Box bg="tape" width="100%" height="1.125rem" display="flex" alignItems="center" aria-hidden="true">
      {name && (
        <Box
          as="span"
          bg="tape"
          fontFamily="heading"
          fontWeight={600}
          fontSize="caption"
          lineHeight="1.125rem"
          paddingInlineStart="3"
          paddingInlineEnd="2"
          wordSpacing="0.125em"
          whiteSpace="nowrap"
        >
          {name}
        </Box>
      )}
      <Box flex="1" borderBottom="2px dashed" borderColor="stitch" height="0" />
    </Box>
  );
}
