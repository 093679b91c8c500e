import { describe, expect, it } from 'vitest';
import { addDays } from '$core/calendar';
import { foldTracks, type TrackFact } from '$core/track';
import { programmeSchema } from '$lib/model/programme';
import { demoClubFile } from './demo-club-file';
import { besideEachOther, judgeLived } from './judge-lived';
import { liveSeason, type LivedSeason, type Policy, type TrueState } from './live-season';
import { squadInMemory } from './squad-in-memory';

const file = demoClubFile();
const of = file.squads[2]!;
const live = (policy: Policy, seed = 1): LivedSeason =>
  liveSeason(squadInMemory(of, file.name, 3), { seed, policy, weeks: 6 })!;
const [rules, naive] = [live('rules'), live('naive')];
const measure = (lived: LivedSeason, what: RegExp, beside = naive) =>
  judgeLived(lived, beside).find((one) => what.test(one.what))!;

describe('a season lived through', () => {
  it('is the same for the same seed, another for another, and said in the published form', () => {
    expect(live('rules').squad).toEqual(rules.squad);
    expect(live('rules', 2).squad).not.toEqual(rules.squad);
    const programme = { seed: 1, seconds: 0, squads: [rules.squad] };
    expect(programmeSchema.parse(programme)).toEqual(programme);
  }, 60_000);

  it('has who came do sets, answer in the morning and own what they did', () => {
    const sessions = rules.squad.weeks.flatMap((week) => week.sessions);
    expect(sessions.every(({ done }) => done !== null && done.athletes > 0 && done.setsDone <= done.setsWritten)).toBe(
      true,
    );
    expect(rules.athletes.every(({ answers }) => answers.length > 2)).toBe(true);
    const owned = rules.athletes.flatMap(({ tracks }) => tracks).filter((track) => track.owned !== null);
    expect(owned.length).toBeGreaterThan(50);
    // loads found, falls and rises are steps of the rules; who rises every time takes none
    const stepped = (lived: LivedSeason): number =>
      lived.athletes
        .flatMap(({ tracks }) => tracks)
        .filter(({ exposures }) => exposures.some(({ settledBy }) => settledBy.length > 0)).length;
    expect(stepped(rules)).toBeGreaterThan(0);
    expect(stepped(naive)).toBe(0);
    expect(sessions.reduce((sum, { applied }) => sum + applied, 0)).toBeGreaterThan(0);
  });

  it('writes more doses on a line where everybody rises every time', () => {
    const most = (lived: LivedSeason): number =>
      Number(besideEachOther(lived)['written doses on a line, 95th and most']!.split(', ')[1]);
    expect(most(rules)).toBeLessThanOrEqual(4);
    expect(most(naive)).toBeGreaterThan(most(rules));
  });

  it('is judged by what happened in it', () => {
    const states = (change: (state: TrueState, week: number) => Partial<TrueState>): LivedSeason => ({
      ...rules,
      states: rules.states.map((state) => ({
        ...state,
        ...change(
          state,
          rules.squad.weeks.findIndex(({ start }) => start === state.week),
        ),
      })),
    });
    expect(
      measure(
        states(() => ({ tooHard: true })),
        /too hard/,
      ),
    ).toMatchObject({ value: expect.stringContaining('100 %') as unknown, met: false });
    expect(
      measure(
        states((_, week) => ({ strength: week < 2 ? 1.2 : 1 })),
        /four weeks/,
      ).met,
    ).toBe(false);
    expect(
      measure(
        states((_, week) => ({ strength: week === 2 ? 1 : 1.2 })),
        /four weeks/,
      ).met,
    ).toBe(true);
    expect(
      measure(
        states(() => ({ strength: 0.5 })),
        /rising every time/,
        states(() => ({ strength: 1 })),
      ).value,
    ).toBe('50.0 %');
    expect(
      measure(
        states((_, week) => ({ phase: 'in-season', strength: 1 - week / 50 })),
        /strength held/,
      ).met,
    ).toBe(false);
    expect(measure({ ...rules, ownCards: rules.attendances }, /own card/).met).toBe(false);
    const calls = Array.from({ length: 9 }, () => ({ kind: 'pain', athletes: 2 }));
    const busy = {
      ...rules,
      squad: {
        ...rules.squad,
        weeks: rules.squad.weeks.map((week) => ({
          ...week,
          sessions: week.sessions.map((one) => ({ ...one, calls })),
        })),
      },
    };
    expect(measure(busy, /95th/)).toMatchObject({ value: '9', met: false });
    expect(measure(busy, /athletes named/)).toMatchObject({ value: '18', met: false });
    // a line that never rises although everybody is fine
    const still = {
      ...rules,
      bouts: rules.bouts.map((bout) => ({
        ...bout,
        develops: true,
        clean: true,
        block: 1,
        line: 'one',
        dose: { sets: 2, amount: 5, loadKg: null as number | null },
      })),
      athletes: rules.athletes.map(({ id, tracks }) => ({
        id,
        tracks,
        answers: rules.bouts.map(({ day }, seq) => ({
          id: '',
          seq,
          day: addDays(day, 1),
          kind: 'answer' as const,
          response: { answer: 'fine' as const, place: null, score: null },
        })),
      })),
    };
    expect(measure(still, /without a step/)).toMatchObject({ value: expect.stringContaining('100 %') as unknown });
    const heavier = still.bouts.map((bout, i) => ({ ...bout, dose: { ...bout.dose, loadKg: i } }));
    expect(measure({ ...still, bouts: heavier }, /without a step/)).toMatchObject({ met: true });
  });
});

it('folds in parts what it folds at once', () => {
  const facts: TrackFact[] = [1, 8, 15, 22].flatMap((day, n): TrackFact[] => {
    const on = `2026-09-${String(day).padStart(2, '0')}`;
    const written = {
      sets: 1,
      amount: 5 + n,
      unit: 'reps',
      per: null,
      percent: null,
      loadKg: 50 + n,
      rir: 2,
      restSeconds: 60,
      tempo: null,
    } as const;
    const base = { day: on, exerciseId: 'back-squat', row: 'D-MAX' } as const;
    return [
      {
        ...base,
        id: `s${on}`,
        seq: n * 10 + 1,
        kind: 'set',
        sessionId: on,
        slot: 'main',
        setNumber: 1,
        written,
        based: written,
        eased: [],
        doneAt: `${on}T10:00:00Z`,
        removed: false,
        amount: 5,
        loadKg: 50,
        rir: 2,
        fault: null,
      },
      {
        id: `a${on}`,
        seq: n * 10 + 2,
        day: `2026-09-${String(day + 1).padStart(2, '0')}`,
        kind: 'answer',
        response: { answer: 'fine', place: null, score: null },
      },
    ];
  });
  const days = ['2026-09-01', '2026-09-08', '2026-09-15', '2026-09-22'];
  const early = facts.filter(({ day }) => day < '2026-09-12');
  const late = facts.filter(({ day }) => day > '2026-09-12');
  expect(foldTracks(late, days, foldTracks(early, days))).toEqual(foldTracks(facts, days));
});
