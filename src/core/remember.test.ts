import { describe, expect, it } from 'vitest';
import { remember } from './remember';

describe('a reading that is remembered', () => {
  it('is worked out anew for another thing, and for the same thing asked otherwise', () => {
    let times = 0;
    const sum = remember((of: { readonly n: number }, more: number) => {
      times += 1;
      return of.n + more;
    });
    const [one, two] = [{ n: 1 }, { n: 2 }];
    expect([sum(one, 1), sum(one, 1), sum(two, 1), sum(one, 1)]).toEqual([2, 2, 3, 2]);
    expect(times).toBe(2);
    expect([sum(one, 5), sum(one, 1)]).toEqual([6, 2]);
    expect(times).toBe(4);
  });
});
