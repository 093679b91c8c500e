import { describe, expect, it, test } from 'vitest';
import { DEMANDS, type Sport } from '$core/library';
import { LIBRARY, SPORTS } from '.';

const distance = (a: Sport, b: Sport): number =>
  Math.hypot(...DEMANDS.map((demand) => a.demands[demand] - b.demands[demand]));
const nearest = (id: string): string[] => {
  const sport = LIBRARY.sports.get(id)!;
  return SPORTS.filter((other) => other !== sport)
    .sort((a, b) => distance(sport, a) - distance(sport, b))
    .map((other) => other.id);
};

describe('sport profiles', () => {
  it('are at least thirty, in every setting', () => {
    expect(SPORTS.length).toBeGreaterThanOrEqual(30);
    expect(new Set(SPORTS.map(({ setting }) => setting))).toEqual(new Set(['field', 'court', 'ice', 'board', 'other']));
  });

  it.each(SPORTS)('$id gives a reason for every weight, and guards, rungs and roles that lead somewhere', (sport) => {
    for (const demand of DEMANDS) expect(sport.notes[demand].length, demand).toBeGreaterThan(2);
    expect(sport.guards.length).toBeGreaterThan(0);
    for (const [ladder, rung] of Object.entries(sport.targetRungs))
      expect(LIBRARY.ladders.get(ladder)?.rungs[rung - 1], `${ladder} ${String(rung)}`).toBeDefined();
    const guards = sport.guards.map(({ id }) => id);
    for (const role of sport.roles) expect(role.guards.filter((id) => !guards.includes(id))).toEqual([]);
    for (const { exercises } of sport.guards) expect(exercises.filter((id) => !LIBRARY.exercises.has(id))).toEqual([]);
  });

  test.each([
    ['judo', 'wrestling'],
    ['rugby', 'gridiron-football'],
    ['sprints', 'long-and-triple-jump'],
    ['basketball', 'netball'],
    ['soccer', 'futsal'],
    ['snowboard-freestyle', 'skateboard'],
    ['figure-skating', 'dance'],
    ['tennis', 'badminton'],
  ])('%s stands nearest to %s', (a, b) => {
    expect(nearest(a)[0]).toBe(b);
  });

  test.each([
    ['riding', 'sprints'],
    ['rowing', 'high-jump'],
    ['boxing', 'long-and-triple-jump'],
    ['climbing', 'rugby'],
  ])('%s stands far from %s', (a, b) => {
    expect(nearest(a).indexOf(b)).toBeGreaterThan(SPORTS.length / 2);
  });

  it('are all different', () => {
    for (const sport of SPORTS)
      for (const other of SPORTS)
        if (sport !== other) expect(distance(sport, other), `${sport.id} ${other.id}`).toBeGreaterThan(3);
  });
});
