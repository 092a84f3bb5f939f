/** The pages are in English, and so are their numbers. */
const LANGUAGE = 'en-GB';

const FORMATS = [0, 1, 2].map(
  (digits) =>
    new Intl.NumberFormat(LANGUAGE, { minimumFractionDigits: digits, maximumFractionDigits: digits }),
);

/** "1.5", "1,250.0". @param digits after the point, 0 to 2 */
export const decimal = (value: number, digits: 0 | 1 | 2 = 1): string => FORMATS[digits]?.format(value) ?? '';

/** "€0.42", "0.42 kr", "0.42": a sign goes before the sum, a word after it. */
export function moneyText(amount: number, money: string): string {
  const sum = decimal(amount, 2);
  if (money === '') return sum;
  return /\p{L}/u.test(money) ? `${sum}\u00a0${money}` : `${money}${sum}`;
}
