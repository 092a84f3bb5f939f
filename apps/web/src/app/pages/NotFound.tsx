import { Box } from '@chakra-ui/react';
import { Link } from 'react-router';
import { PageHeading } from '../../components/layout/PageHeading';

export function NotFound() {
  return (
    <Box padding="7">
      <PageHeading title="Nothing at this address" />
      <Link to="/" style={{ textDecoration: 'underline' }}>
        Go to today
      </Link>
    </Box>
  );
}
