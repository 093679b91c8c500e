import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { runningKey } from '$core/choose';
import { planSeason } from '$core/season';
import { dose } from '../../../../tests/fixtures';
import { at, gym, input } from '../../../../tests/season-input';
import type { SessionRow } from '../repositories/sessions';
import { runningOf } from './running';

const planned = planSeason(input({ gymDays: gym(2, 4), end: at(20, 7) }), METHOD);
if (!planned.ok) throw new Error('no season');
const plan = planned.value;
const blockOf = (week: number): number | null => plan.weeks[week - 1]!.block.block;
/** the first week of the second block */
const NEXT = plan.weeks.findIndex(({ block }) => block.block === 2) + 1;

const card = (day: string, lines: readonly (readonly [id: string, row: string, sets: number, amount: number])[]) =>
  ({
    id: day,
    day,
    phase: 'specific',
    template: 'full',
    athleteId: null,
    role: null,
    lines: lines.map(([exerciseId, row, sets, amount], i) => ({
      ...{ slot: `slot-${String(i)}`, block: 'power', exerciseId, row, full: null, reasons: [] },
      dose: dose({ sets, amount }),
    })),
  }) as unknown as SessionRow;
const on = (week: number, cards: SessionRow[], athleteId: string | null = null) => {
  const read = { plan, week: plan.weeks[week - 1]!, on: null };
  const found = runningOf(cards, 'specific', athleteId, null, read, { library: LIBRARY, method: METHOD });
  const of = (id: string, row: 'D-BAL' | 'D-ASST') => {
    const { sets, amount } = found.doses[runningKey(id, row)]!;
    return [sets, amount];
  };
  return { of, again: found.again };
};

describe('throws from block to block', () => {
  const SLAM = 'medicine-ball-slam';
  const lines = [[SLAM, 'D-BAL', 4, 5] as const, ['push-up', 'D-ASST', 3, 12] as const];
  const before = card(at(NEXT - 1, 2), lines);

  it('run on inside their block, and begin the next one at their fewest', () => {
    expect(blockOf(NEXT - 1)).not.toBe(blockOf(NEXT));
    expect(on(NEXT - 1, [before]).of(SLAM, 'D-BAL')).toEqual([4, 5]);
    const anew = on(NEXT, [before]);
    expect(anew.of(SLAM, 'D-BAL')).toEqual([3, 3]);
    expect(anew.again).toEqual({ [runningKey(SLAM, 'D-BAL')]: { sets: 4, amount: 5 } });
    // what is slow runs on
    expect(anew.of('push-up', 'D-ASST')).toEqual([3, 12]);
  });

  it('once a block: what the new one has come to runs on', () => {
    const since = card(at(NEXT, 2), [[SLAM, 'D-BAL', 3, 4]]);
    const running = on(NEXT, [since, before]);
    expect(running.of(SLAM, 'D-BAL')).toEqual([3, 4]);
    expect(running.again).toEqual({});
  });

  it('on an own card the athlete’s goes on', () => {
    expect(on(NEXT, [before], 'a').again).toEqual({});
  });
});
