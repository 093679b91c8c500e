import { describe, expect, it } from 'vitest';
import { seeded } from '../random';
import { MAT_START, matLines, readMatLine, type MatEvent } from '.';

const read = (lines: readonly string[]): MatEvent[] => {
  let state = MAT_START;
  return lines.flatMap((line) => {
    const step = readMatLine(state, line);
    state = step.state;
    return step.events;
  });
};
const landings = (events: readonly MatEvent[]) => events.flatMap((event) => (event.kind === 'landing' ? [event] : []));

describe('the mat', () => {
  it('gives flight and contact of each jump', () => {
    const events = read(['jaleo-mat 1 hall', '1 0 on', '2 1000 off', '3 1500 on', '4 1700 off', '5 2190 on']);
    expect(events[0]).toEqual({ kind: 'hello', name: 'hall' });
    expect(landings(events)).toEqual([
      { kind: 'landing', flightS: 0.5, contactS: 1, doubtful: false },
      { kind: 'landing', flightS: 0.49, contactS: 0.2, doubtful: false },
    ]);
  });

  it('takes chatter for one landing', () => {
    const events = read(['1 0 on', '2 1000 off', '3 1500 on', '4 1509 off', '5 1517 on', '6 1720 off', '7 2200 on']);
    expect(landings(events).map(({ flightS, contactS }) => [flightS, contactS])).toEqual([
      [0.5, 1],
      [0.48, expect.closeTo(0.22, 6)],
    ]);
  });

  it('notices a lost line and marks the jump, not the next', () => {
    const events = read(['1 0 on', '2 1000 off', '4 1700 off', '5 2190 on', '6 2400 off', '7 2900 on']);
    expect(events.find(({ kind }) => kind === 'lost')).toEqual({ kind: 'lost', lines: 1 });
    expect(landings(events).map(({ doubtful }) => doubtful)).toEqual([true, false]);
  });

  it('is not fooled by stepping off, nor by nonsense', () => {
    const events = read(['1 0 on', '2 1000 off', '3 9000 on', 'what', 'beat 9100']);
    expect(landings(events)).toEqual([]);
    expect(events.slice(-2).map(({ kind }) => kind)).toEqual(['unreadable', 'beat']);
  });

  it('reads the made-up athlete back within the noise', () => {
    const steady = { heightM: 0.3, contactS: 0.2, noise: 0, chatter: 0.3, loss: 0 };
    const events = read(matLines(steady, 10, 0, 1, seeded(3)).map(({ line }) => line));
    const found = landings(events);
    expect(found).toHaveLength(10);
    for (const { flightS } of found) expect((9.80665 * flightS ** 2) / 8).toBeCloseTo(0.3, 2);
    const lossy = read(matLines({ ...steady, loss: 0.1 }, 40, 0, 1, seeded(5)).map(({ line }) => line));
    expect(landings(lossy).filter(({ doubtful }) => !doubtful).length).toBeGreaterThan(20);
  });
});
