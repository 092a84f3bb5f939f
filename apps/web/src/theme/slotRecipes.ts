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
      width: 'min(92vw, 380px)',
      maxHeight: 'min(70vh, 520px)',
      overflowY: 'auto',
      outline: 'none',
    },
    body: { padding: '14px' },
    title: { fontFamily: 'heading', fontWeight: 650, marginBottom: '8px' },
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
      padding: '16px',
    },
    content: {
      ...floating,
      width: 'min(100%, 520px)',
      maxHeight: '88vh',
      overflowY: 'auto',
      padding: '20px',
    },
    title: { fontFamily: 'heading', fontWeight: 650, fontSize: '20px', marginBottom: '10px' },
    footer: { display: 'flex', gap: '10px', justifyContent: 'flex-end', marginTop: '16px' },
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
    root: { display: 'flex', flexDirection: 'column', gap: '8px' },
    label: { fontSize: '14px', color: 'soft' },
    content: { maxHeight: '300px', overflowY: 'auto', outline: 'none' },
    itemGroupLabel: { fontSize: '13px', color: 'soft', paddingInline: '8px', paddingTop: '8px' },
    item: {
      display: 'flex',
      alignItems: 'center',
      justifyContent: 'space-between',
      gap: '8px',
      minHeight: '44px',
      paddingInline: '8px',
      borderRadius: 'sm',
      cursor: 'pointer',
      _highlighted: { bg: 'leafTint', outline: '2px solid', outlineColor: 'leaf', outlineOffset: '-2px' },
      _selected: { fontWeight: 700 },
    },
    empty: { padding: '8px', color: 'soft' },
  },
});

export const slotRecipes = { popover, dialog, listbox };
