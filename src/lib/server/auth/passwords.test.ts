import { expect, test } from 'vitest';
import { refusePassword } from './passwords';

const OWN = ['rosa.serrat@harbour.example', 'Rosa Serrat', 'Harbour Sports'];

test.each([
  ['short', /At least 10/],
  ['x'.repeat(129), /At most 128/],
  ['aaaaaaaaaaaa', /over and over/],
  ['ababababababab', /over and over/],
  ['1234567890', /tried first/],
  ['9876543210', /tried first/],
  ['password123', /tried first/],
  ['Password2026!', /tried first/],
  ['qwertyuiop', /tried first/],
  ['Sunshine2024', /tried first/],
  ['rosaserrat1', /your own/],
  ['harboursports', /your own/],
  ['Harbour2026', /tried first/],
])('%s is refused', (password, why) => {
  expect(refusePassword(password, OWN)).toMatch(why);
});

test.each(['tuesday-lift', 'copper wagon violet', 'Zq7!mapleTram', 'ñandú-río-lejos'])('%s is taken', (password) => {
  expect(refusePassword(password, OWN)).toBeNull();
});
