import { dictionary } from '@zxcvbn-ts/language-common';

/** Shorter ones are refused anyway. */
export const LEAST_LENGTH = 10;
const COMMON: ReadonlySet<string> = new Set(
  dictionary['passwords-common'].map((word) => plain(word)).filter((word) => word.length >= 4),
);

/** Without what people add to a common password to make it count as long: case, digits and signs at both ends. */
function plain(password: string): string {
  return password
    .toLowerCase()
    .replace(/^[^\p{L}]+|[^\p{L}]+$/gu, '')
    .normalize('NFKC');
}

/**
 * Why a password is no good, in words; null = fine. Long, and none that is tried first: the most common ones (with or
 * without digits around them), one sign over and over, or the person's own words.
 * @param own e-mail, name and club
 */
export function refusePassword(password: string, own: readonly string[]): string | null {
  if (password.length < LEAST_LENGTH) return `At least ${String(LEAST_LENGTH)} characters.`;
  if (password.length > 128) return 'At most 128 characters.';
  const lower = password.toLowerCase();
  if (new Set(lower).size < 4)
    return 'That is one sign over and over. Three or four words that do not belong together do well.';
  if (COMMON.has(lower) || COMMON.has(plain(password)) || isRow(lower))
    return 'That is among the passwords tried first. Three or four words that do not belong together do well.';
  const words = own.flatMap((text) => text.toLowerCase().split(/[^\p{L}\d]+/u)).filter((word) => word.length >= 4);
  const left = words.reduce((rest, word) => rest.replaceAll(word, ''), lower);
  if (left.length < 6) return 'That is your own name, club or e-mail. Choose something nobody would guess.';
  return null;
}

const ROWS = [
  '0123456789012345678901234567890',
  '0987654321098765432109876543210',
  'abcdefghijklmnopqrstuvwxyz',
  'zyxwvutsrqponmlkjihgfedcba',
  'qwertyuiopasdfghjklzxcvbnm',
];
const isRow = (lower: string): boolean => ROWS.some((row) => row.includes(lower));
