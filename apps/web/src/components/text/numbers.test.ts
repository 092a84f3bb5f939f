import { describe, expect, it } from 'vitest';
import { decimal, moneyText } from './numbers';

describe('numbers on the page', () => {
  it.each([
    [1.25, 1, '1.3'],
    [1250, 1, '1,250.0'],
    [0.5, 0, '1'],
    [2.004, 2, '2.00'],
  ] as const)('%s with %s digits is %s', (value, digits, text) => {
    expect(decimal(value, digits)).toBe(text);
  });
  it.each([
    [0.42, '€', '€0.42'],
    [1234.5, '£', '£1,234.50'],
    [0.42, 'kr', '0.42\u00a0kr'],
    [0.42, 'Fr.', '0.42\u00a0Fr.'],
    [0.42, '', '0.42'],
  ])('%s of “%s” is %s', (amount, money, text) => {
    expect(moneyText(amount, money)).toBe(text);
  });
});
