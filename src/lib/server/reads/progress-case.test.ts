import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { addDays } from '$core/calendar';
import type { Exposure } from '$core/track';
import { DEFAULT_KIT } from '$lib/model/kit';
import { athlete, dose, trackOf } from '../../../../tests/fixtures';
import type { SquadRow } from '../repositories/club-context';
import { progressCases } from './progress-case';

const TODAY = '2026-11-24';
const done = (exerciseId: string, daysAgo: number) => {
  const written = dose({ sets: 3, amount: 8 });
  const exposure = { day: addDays(TODAY, -daysAgo), sessionId: 'card', dose: written } as Exposure;
  return { ...trackOf(exerciseId, 'D-STR', written), exposures: [exposure] };
};

describe('lines that may ask for something', () => {
  it('are those done since the longest layoff, each with its neighbours on the ladder', () => {
    const long = METHOD.settings.progress.layoff.at(-1)!.overDays;
    const tracks = [
      done('goblet-squat', long),
      done('back-squat', long + 1),
      { ...done('front-squat', 1), exposures: [] },
    ];
    const cases = progressCases({ facts: athlete(), tracks }, { kit: DEFAULT_KIT } as SquadRow, () => undefined, {
      today: TODAY,
      library: LIBRARY,
      method: METHOD,
    });
    expect(cases.map(({ exercise }) => exercise.id)).toEqual(['goblet-squat']);
    expect(cases[0]!.trackOf('back-squat')).toBe(tracks[1]);
    expect(cases[0]!.trackOf('leg-press')).toBeNull();
  });
});
