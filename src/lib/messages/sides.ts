/** Which side an athlete begins with, and what the other does (DOSE-10). */
export const firstSideWords = (side: 'left' | 'right'): string =>
  side === 'left' ? 'Left first; the right does as many.' : 'Right first; the left does as many.';
