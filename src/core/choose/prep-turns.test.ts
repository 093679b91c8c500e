import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { addDays } from '../calendar';
import { surveyBrief } from '../survey/survey-briefs';
import { solveCard, type Brief } from '.';

const WEEKS = 10;
const MONDAY = '2026-09-07';

/** What each slot of prep took over ten weeks of the given weekdays, each session after the one before. */
function prepOver(of: Brief, weekdays: readonly number[]): Map<string, Map<string, number>> {
  const drills = new Map<string, Map<string, number>>();
  let prep: readonly string[] = [];
  for (let week = 0; week < WEEKS; week++)
    for (const weekday of weekdays) {
      const day = addDays(MONDAY, week * 7 + weekday);
      const solved = solveCard({ ...of, day, running: { ...of.running, prep } }, LIBRARY, METHOD);
      if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
      const lines = solved.value.card.lines.filter(({ block }) => block === 'prep');
      prep = lines.map(({ exerciseId }) => exerciseId);
      for (const { slot, exerciseId } of lines) {
        const counts = drills.get(slot) ?? new Map<string, number>();
        drills.set(slot, counts.set(exerciseId, (counts.get(exerciseId) ?? 0) + 1));
      }
    }
  return drills;
}

describe('prep varies (BLOCK-4)', () => {
  const brief = surveyBrief('team-handball', 'specific', 30, 'trained', 'nothing', LIBRARY);

  it.each([
    ['Tuesdays and Thursdays', [1, 3]],
    ['Mondays', [0]],
    ['three days', [0, 2, 4]],
  ])('each slot takes its drills about equally often: %s', (_, weekdays) => {
    const sessions = WEEKS * weekdays.length;
    const drills = prepOver(brief, weekdays);
    for (const [slot, counts] of drills)
      expect([slot, Math.max(...counts.values()) <= (2 * sessions) / counts.size]).toEqual([slot, true]);
    for (const slot of ['prep-raise-across', 'prep-mobilise', 'prep-landing'])
      expect([slot, (drills.get(slot)?.size ?? 0) > 5]).toEqual([slot, true]);
  });
});
