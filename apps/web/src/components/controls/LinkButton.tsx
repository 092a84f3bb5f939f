import { chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { recipes } from '../../theme/recipes';

/** A link that looks like a button. */
export const LinkButton = chakra(Link, recipes.button);
