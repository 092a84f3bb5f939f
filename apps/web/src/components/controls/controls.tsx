import { chakra } from '@chakra-ui/react';
import { recipes } from '../../theme/recipes';

/** Buttons, fields and chips in the look of this tool. */
export const Button = chakra('button', recipes.button, { defaultProps: { type: 'button' } });
export const Input = chakra('input', recipes.input);
export const TextArea = chakra('textarea', recipes.input);
export const Select = chakra('select', recipes.input);
export const Chip = chakra('span', recipes.chip);
export const ChipButton = chakra('button', recipes.chip, { defaultProps: { type: 'button', tapped: true } });
export const BlankText = chakra('span', recipes.blank);
