import { defineSlotRecipe } from '@chakra-ui/react';

const floating = {
  bg: 'card',
  color: 'ink',
  borderRadius: 'md',
  border: '1px solid',
  borderColor: 'line',
  boxShadow: '0 8px 28px rgba(20, 27, 23, 0.22)',
} as const;

const popover = defineSlotRecipe({
  className: 'ff-popover',
  slots: [
    'content',
    'header',
    'body',
    'footer',
    'arrow',
    'arrowTip',
    'anchor',
    'trigger',
    'closeTrigger',
    'indicator',
    'positioner',
    'title',
    'description',
  ],
  base: {
    content: {
      ...floating,
      zIndex: 1500,
      width: 'min(92vw, 23.75rem)',
      maxHeight: 'min(70vh, 32.5rem)',
      overflowY: 'auto',
      outline: 'none',
    },
    body: { padding: '3.5' },
    title: { fontFamily: 'heading', fontWeight: 650, marginBottom: '2' },
  },
});

const dialog = defineSlotRecipe({
  className: 'ff-dialog',
  slots: [
    'trigger',
    'backdrop',
    'positioner',
    'content',
    'title',
    'description',
    'closeTrigger',
    'header',
    'body',
    'footer',
  ],
  base: {
    backdrop: { bg: 'rgba(20, 27, 23, 0.5)', position: 'fixed', inset: 0, zIndex: 1400 },
    positioner: {
      position: 'fixed',
      inset: 0,
      zIndex: 1401,
      display: 'flex',
      alignItems: 'center',
      justifyContent: 'center',
      padding: '4',
    },
    content: {
      ...floating,
      width: 'min(100%, 32.5rem)',
      maxHeight: '88vh',
      overflowY: 'auto',
      padding: '5',
    },
    title: { fontFamily: 'heading', fontWeight: 650, fontSize: 'heading', marginBottom: '2.5' },
    footer: { display: 'flex', gap: '2.5', justifyContent: 'flex-end', marginTop: '4' },
  },
});

const listbox = defineSlotRecipe({
  className: 'ff-listbox',
  slots: [
    'root',
    'label',
    'input',
    'content',
    'item',
    'itemText',
    'itemIndicator',
    'itemGroup',
    'itemGroupLabel',
    'empty',
    'valueText',
  ],
  base: {
    root: { display: 'flex', flexDirection: 'column', gap: '2' },
    label: { fontSize: 'small', color: 'soft' },
    content: { maxHeight: '18.75rem', overflowY: 'auto', outline: 'none' },
    itemGroupLabel: { fontSize: 'caption', color: 'soft', paddingInline: '2', paddingTop: '2' },
    item: {
      display: 'flex',
      alignItems: 'center',
      justifyContent: 'space-between',
      gap: '2',
      minHeight: '2.75rem',
      paddingInline: '2',
      borderRadius: 'sm',
      cursor: 'pointer',
      _highlighted: { bg: 'leafTint', outline: '2px solid', outlineColor: 'leaf', outlineOffset: '-2px' },
      _selected: { fontWeight: 700 },
    },
    empty: { padding: '2', color: 'soft' },
  },
});

export const slotRecipes = { popover, dialog, listbox };
