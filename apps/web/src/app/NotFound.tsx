import { Box } from '@chakra-ui/react';
import { Link } from 'react-router';

export function NotFound() {
  return (
    <Box padding="28px">
      <Box as="h1" fontSize="24px">
        Nothing at this address
      </Box>
      <Link to="/" style={{ textDecoration: 'underline' }}>
        Go to today
      </Link>
    </Box>
  );
}
