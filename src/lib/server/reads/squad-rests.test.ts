import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { makeContext, runningKey, solveCard, type Running } from '$core/choose';
import type { Line } from '$core/session';
import type { Exposure, Track } from '$core/track';
import { athlete, brief, dose, trackOf } from '../../../../tests/fixtures';
import type { SessionRow } from '../repositories/sessions';
import { heldByClock } from './coming-back';
import { squadRests } from './squad-rests';

const CLUB = { library: LIBRARY, method: METHOD };
const JUMP = 'box-jump';
const KEY = runningKey(JUMP, 'D-SLOW');
const jumps = dose({ sets: 3, amount: 5, restSeconds: 90 });
type CardLine = Pick<Line, 'slot' | 'exerciseId' | 'row' | 'dose' | 'full' | 'reasons'>;
const line = (own: Partial<CardLine> = {}): CardLine => ({
  slot: 'jump-1',
  exerciseId: JUMP,
  row: 'D-SLOW',
  dose: jumps,
  full: null,
  reasons: [],
  ...own,
});
const card = (lines: CardLine[], own: object = {}): SessionRow =>
  ({ id: 'card', day: '2026-11-17', phase: 'general', role: 'A', minutes: 60, lines, ...own }) as unknown as SessionRow;
const jumped = (...sessions: readonly (readonly [string, readonly number[]])[]): Track => ({
  ...trackOf(JUMP, 'D-SLOW', jumps),
  exposures: sessions.map(([sessionId, outputs]): Exposure => ({
    sessionId,
    day: '2026-11-17',
    dose: jumps,
    based: jumps,
    eased: [],
    sets: outputs.map((output) => ({ amount: 5, loadKg: null, rir: null, fault: null, output })),
    response: null,
    settledBy: [],
  })),
});
const rests = (cards: SessionRow[], tracks: Track[], school: 'full' | 'dense' = 'full'): Running['rests'] =>
  squadRests(
    cards,
    tracks.map((track, i) => ({ facts: athlete({ id: String(i) }), tracks: [track] })),
    'general',
    school,
    CLUB,
  );

describe('what a squad’s jumps learn of their rest (REST-2)', () => {
  const fell = jumped(['card', [0.4, 0.35]]);
  const held = jumped(['card', [0.4, 0.4]]);

  it('rises where output fell for half of who was measured, and says for how many', () => {
    expect(rests([card([line()])], [fell, held])[KEY]).toMatchObject({
      seconds: 120,
      from: 90,
      today: { kind: 'rest-up', counted: 2, of: 1 },
    });
    expect(rests([card([line()])], [fell, held, held])).toEqual({});
  });

  it('only by who did the last card, and only of its phase', () => {
    expect(rests([card([line()])], [jumped(['an older one', [0.4, 0.3]])])).toEqual({});
    expect(rests([card([line()], { phase: 'in-season' })], [fell])).toEqual({});
  });

  it('stays as it was learned until the school of rest is another', () => {
    const learned = line({
      dose: { ...jumps, restSeconds: 120 },
      reasons: [{ code: 'rest_learned', rules: ['REST-2'], facts: { school: 'full', seconds: 120 } }],
    });
    expect(rests([card([learned])], [held])[KEY]).toMatchObject({ seconds: 120, today: null });
    expect(rests([card([learned])], [held], 'dense')).toEqual({});
  });

  it('is on the next card, with its reason', () => {
    const squad = [athlete()];
    const asked = brief({ athletes: squad, events: [], phase: 'specific', minutes: 75 });
    const first = solveCard(asked, LIBRARY, METHOD);
    if (!first.ok) throw new Error('no card');
    const found = first.value.card.lines.find(({ exerciseId, dose: { restSeconds } }) => {
      const { plyo } = LIBRARY.exercises.get(exerciseId)!;
      return plyo !== null && restSeconds !== null;
    })!;
    const key = runningKey(found.exerciseId, found.row);
    const running: Running = {
      ...asked.running,
      phase: 'specific',
      entries: { [found.slot]: found.exerciseId },
      doses: { [key]: found.dose },
      rests: { [key]: { seconds: 165, amount: 1, from: 135, today: { kind: 'rest-up', counted: 3, of: 2 } } },
    };
    const next = solveCard({ ...asked, running }, LIBRARY, METHOD);
    if (!next.ok) throw new Error('no card');
    const again = next.value.card.lines.find(({ exerciseId }) => exerciseId === found.exerciseId)!;
    expect(again.dose).toMatchObject({ restSeconds: 165, amount: found.dose.amount });
    expect(again.reasons.map(({ code }) => code)).toContain('rest_learned');
    expect(makeContext({ ...asked, running }, LIBRARY, METHOD).brief.running.rests[key]?.seconds).toBe(165);
  });
});

describe('sets the clock took come back two lines a session', () => {
  const cut = (exerciseId: string, rules = ['TIME-1']): CardLine =>
    line({
      slot: `assist-${exerciseId}`,
      exerciseId,
      row: 'D-ASST',
      dose: dose({ sets: 2, amount: 10 }),
      full: { dose: dose({ sets: 3, amount: 10 }), rules },
    });
  const lines = ['band-pull-apart', 'lateral-lunge', 'tibialis-raise', 'push-up'].map((id) => cut(id));
  const coming = { phase: 'general', role: 'A', minutes: 60, sessions: 2 } as const;
  const held = (of: CardLine[], rising = 0, own: object = {}, to: object = {}): string[] =>
    Object.keys(heldByClock([card(of, own)], { ...coming, ...to }, rising, CLUB)).map((key) => key.split(' ')[0]!);

  it('the first two on the card may, the rest stay; what steps up by votes counts', () => {
    expect(held(lines)).toEqual(['tibialis-raise', 'push-up']);
    expect(held(lines, 1)).toEqual(['lateral-lunge', 'tibialis-raise', 'push-up']);
    expect(held(lines, 2)).toHaveLength(4);
    expect(heldByClock([card(lines)], coming, 0, CLUB)[runningKey('push-up', 'D-ASST')]).toBe(2);
  });

  it('in a week’s only session all come back, a set at a time', () => {
    const far = cut('split-squat');
    const six: CardLine = { ...far, full: { ...far.full!, dose: { ...far.dose, sets: far.dose.sets + 4 } } };
    expect(heldByClock([card([...lines, six])], { ...coming, sessions: 1 }, 0, CLUB)).toEqual({
      [runningKey('split-squat', six.row)]: six.dose.sets + 1,
    });
  });

  it('of the last loading session of the role, in the same phase, that was no shorter', () => {
    expect(held(lines, 0, { role: 'B' })).toEqual([]);
    expect(held(lines, 0, { phase: 'specific' })).toEqual([]);
    expect(held(lines, 0, {}, { minutes: 75 })).toEqual([]);
    expect(held([...lines, cut('split-squat', ['BLOCK-1'])])).toEqual([]);
    expect(held(lines.map((one) => ({ ...one, full: { ...one.full!, rules: ['SEL-7'] } })))).toEqual([]);
  });
});
