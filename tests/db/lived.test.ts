import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { addDays } from '../../src/core/calendar';
import type { DayLine } from '../../src/core/day';
import type { Dose } from '../../src/core/dose';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { athlete, complaint, event, fact, setNow, squad, testResult } from '../../src/lib/server/db/schema';
import { readBench } from '../../src/lib/server/reads/bench';
import { readFloor } from '../../src/lib/server/reads/floor';
import { ownCard } from '../../src/lib/server/reads/own-card';
import { readPrint } from '../../src/lib/server/reads/print';
import { cardOf } from '../../src/lib/server/repositories/sessions';
import { viewOf } from '../../src/lib/model/sent-view';
import type { SetLogBody } from '../../src/lib/model/bodies';
import { breaches } from '../oracle';
import { DAY, makeClub, type TestClub } from './club';
import {
  answer,
  askEverything,
  changeOf,
  clear,
  close,
  dayOf,
  keep,
  log,
  makeCard,
  onDay,
  readOn,
  rebuilt,
  session,
  settle,
  tapOf,
  waiting,
} from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

/** Four weeks of one squad: Monday to Friday cards, league on two Saturdays (Friday a primer), one on a Sunday (Monday recovery). */
const FIRST = '2026-11-02';
const WEEKS = 4;
const EVENTS = ['2026-11-14', '2026-11-22', '2026-11-28'];
const GYM = [1, 3, 5];
const AWAY = { who: 4, from: '2026-11-08', to: '2026-11-19' };

let club: TestClub;
const [SORE, HURT, STEADY, YOUNG, AWAY_ID, PLAIN] = [0, 1, 2, 3, 4, 5];
const id = (who: number | undefined): string => club.athletes[who ?? 0] ?? '';

beforeAll(async () => {
  onDay(FIRST);
  club = await makeClub(6);
  await withClub(club.clubId, async (tx) => {
    await tx
      .update(squad)
      .set({ gymDays: GYM.map((weekday) => ({ weekday, start: '18:00', minutes: 60 })) })
      .where(eq(squad.id, club.squadId));
    await tx.insert(event).values(
      EVENTS.map((day) => ({
        clubId: club.clubId,
        id: v7(),
        squadId: club.squadId,
        day,
        name: 'Away',
        kind: 'league' as const,
      })),
    );
    await tx
      .update(athlete)
      .set({ birthDate: '2012-03-01' })
      .where(eq(athlete.id, id(YOUNG)));
    const value = (who: number | undefined, test: string, own: object) => ({
      clubId: club.clubId,
      id: v7(),
      athleteId: id(who),
      test,
      day: '2026-10-30',
      ...own,
    });
    const screens = [
      ['R1', 2],
      ['R2', 1],
      ['K1', 0],
      ['K2', 0],
      ['K3', 0],
    ] as const;
    const sided = [['R4', 0.12] as const, ...['C1', 'C2', 'C3', 'C4', 'C5', 'C6'].map((test) => [test, 0] as const)];
    await tx
      .insert(testResult)
      .values(
        [SORE, HURT, STEADY, AWAY_ID].flatMap((who) => [
          ...screens.map(([test, passed]) => value(who, test, { side: 'both', value: passed })),
          ...sided.flatMap(([test, passed]) =>
            (['left', 'right'] as const).map((side) => value(who, test, { side, value: passed })),
          ),
          value(who, 'back-squat', { loadKg: 90, reps: 5, rir: 1 }),
          value(who, 'deadlift', { loadKg: 110, reps: 5, rir: 1 }),
        ]),
      );
    await tx
      .update(athlete)
      .set({ liftLevel: 'trained', jumpLevel: 'trained', bodyMassKg: 74, birthDate: '2001-05-05' })
      .where(eq(athlete.id, id(STEADY)));
  });
});

type Owned = ReadonlyMap<string, Dose>;
const ownedOf = async (): Promise<Owned> => {
  const rows = await dayOf(club, process.env.JALEO_TODAY ?? DAY);
  return new Map(
    rows.athletes.flatMap((row) =>
      row.tracks.flatMap(({ state }): [string, Dose][] =>
        state.owned ? [[`${row.id} ${state.exerciseId} ${state.row}`, state.owned.dose]] : [],
      ),
    ),
  );
};
const work = ({ sets, amount }: Dose): number => sets * amount;

describe('four weeks, lived through', () => {
  const kept = new Map<string, number>();
  const doneSets = new Set<string>();
  let offline: SetLogBody[] = [];
  let cutTo: number | null = null;

  /** What each athlete says in the morning, mistakes and all. */
  async function morning(day: string): Promise<void> {
    const n = Math.round((Date.parse(day) - Date.parse(FIRST)) / 86_400_000);
    if (day === '2026-11-04') await answer(club, id(SORE), { answer: 'pain', place: 'calf', score: 3 }, day);
    else if (day === '2026-11-06') await answer(club, id(SORE), { answer: 'usual' }, day);
    else {
      // fine first, then the truth
      if (n % 5 === 2) await answer(club, id(SORE), { answer: 'fine' }, day);
      await answer(club, id(SORE), n % 5 === 2 ? { answer: 'tight', place: 'knee' } : { answer: 'fine' }, day);
    }
    if (day === '2026-11-10') await answer(club, id(HURT), { answer: 'pain', place: 'knee', score: 6 }, day);
    else if (n % 2 === 0 || n < 6) await answer(club, id(HURT), { answer: 'fine' }, day);
    if (day === '2026-11-17') {
      const [row] = await withClub(club.clubId, (tx) =>
        tx
          .select()
          .from(complaint)
          .where(eq(complaint.athleteId, id(HURT))),
      );
      expect(row?.score).toBe(6);
      await clear(club, id(HURT), row?.id ?? '', '2026-12-10');
    }
    await answer(club, id(STEADY), { answer: 'fine' }, day);
    if (n % 3 !== 0) await answer(club, id(YOUNG), { answer: 'usual' }, day);
    if (day < AWAY.from || day > AWAY.to) await answer(club, id(AWAY_ID), { answer: 'fine' }, day);
    // the last says nothing, ever
  }

  async function train(day: string): Promise<void> {
    const sessionId = await makeCard(club, day);
    const row = await session(club, sessionId);
    const lines = cardOf(row).lines;
    const pull = lines.findIndex(({ slot }) => slot === 'upper-pull');
    if (pull >= 0) {
      // two coaches at once on two lines
      const dosed = async (at: number, restSeconds: number) =>
        keep(
          club,
          sessionId,
          await changeOf(club, sessionId, {
            lines: [
              {
                seen: row.lines[at]?.version ?? 0,
                position: at,
                line: { ...lines[at]!, dose: { ...lines[at]!.dose, restSeconds } },
              },
            ],
          }),
        );
      const other = lines.findIndex(({ slot }) => slot === 'calf');
      const done = await Promise.all([dosed(pull, 75), ...(other >= 0 ? [dosed(other, 65)] : [])]);
      for (const one of done)
        expect(one.ok && Object.values(one.value.lines).map(({ state }) => state)).toEqual(['kept']);
      kept.set(`${day} upper-pull`, 75);
    }
    const { view } = await readOn(club, day);
    const doing = view.filter(
      (line) =>
        line.exerciseId !== null &&
        line.stopped === null &&
        !(line.athleteId === id(AWAY_ID) && day >= AWAY.from && day <= AWAY.to) &&
        // one line nobody taps; closed or not, it is not lost
        !(line.slot === 'main-trunk' && line.athleteId === id(PLAIN)),
    );
    const taps = doing.flatMap((line) =>
      Array.from({ length: line.dose.sets }, (_, i) =>
        tapOf(sessionId, day, line, i + 1, {
          loadKg: line.dose.loadKg ?? (line.slot === 'main' ? 40 : null),
          // one morning the bar was too heavy
          ...(day === '2026-11-11' && line.slot === 'main' && line.athleteId === id(STEADY)
            ? { amount: line.dose.amount - 1, asWritten: false }
            : {}),
        }),
      ),
    );
    const late = taps.filter((tap) => tap.athleteId === id(PLAIN));
    const now = taps.filter((tap) => tap.athleteId !== id(PLAIN));
    const answers = await log(club, now);
    expect(answers.every(({ state }) => state === 'kept')).toBe(true);
    offline.push(...late);
    for (const tap of taps) doneSets.add(`${sessionId} ${tap.athleteId} ${tap.slot} ${String(tap.setNumber)}`);
    if (new Date(day).getUTCDay() !== 3) expect((await close(club, sessionId)).ok).toBe(true);
  }

  async function decideSome(day: string): Promise<void> {
    const open = await waiting(club);
    const rises = open.filter(({ change }) => change.rules.every((rule) => rule !== 'PROG-4'));
    const cuts = open.filter((one) => !rises.includes(one));
    if (cuts.length > 0) await settle(club, cuts, 'accepted');
    if (new Date(day).getUTCDay() === 2 && rises.length > 0) await settle(club, rises.slice(0, 1), 'held');
    else if (rises.length > 0) await settle(club, rises, 'accepted');
    expect((await waiting(club)).length).toBeLessThanOrEqual(open.length);
  }

  /** Every screen shows one athlete the same entry and dose. */
  async function oneTruth(day: string): Promise<void> {
    const rows = await dayOf(club, day);
    const read = await readOn(club, day);
    const bench = readBench(rows, { plan: true, health: true });
    const floor = readFloor(rows, true, true)!;
    const print = readPrint(rows)!;
    // the Bench's page brings whoever does something else and every load; the rest is worked out from the ground
    const seen = (own: DayLine) => JSON.stringify([own.slot, own.athleteId, own.exerciseId, own.stopped, own.dose]);
    const first = new Set(viewOf(bench.session?.view ?? []).map(seen));
    const whole = new Map(read.view.map((own) => [seen(own), own]));
    for (const own of first) expect([...whole.keys()]).toContain(own);
    for (const [key, own] of whole) {
      const line = read.card.lines.find(({ slot }) => slot === own.slot);
      if (own.exerciseId !== line?.exerciseId || own.stopped !== null || own.dose.loadKg !== null)
        expect([...first]).toContain(key);
    }
    for (const line of floor.lines)
      for (const one of line.athletes) {
        const own = read.view.find((of) => of.slot === line.slot && of.athleteId === one.id)!;
        expect(one).toMatchObject({ exerciseId: own.exerciseId, dose: own.dose, stopped: own.stopped !== null });
      }
    for (const own of read.view.filter(({ exerciseId }) => exerciseId === null))
      expect(floor.lines.find(({ slot }) => slot === own.slot)?.athletes.map((one) => one.id)).not.toContain(
        own.athleteId,
      );
    const columns = print.columns.map(({ slot }) => slot);
    for (const own of read.view) {
      const name = rows.athletes.find((row) => row.id === own.athleteId)?.name;
      const cell = print.athletes.find((one) => one.name === name)?.cells[columns.indexOf(own.slot)];
      if (cell === undefined) continue;
      expect(cell === 'without', `${day} ${own.slot} ${name ?? ''}`).toBe(own.exerciseId === null);
      if (own.dose.loadKg !== null && own.exerciseId !== null && !own.stopped)
        expect(cell).toContain(String(own.dose.loadKg));
    }
    for (const who of [SORE, HURT]) {
      const card = await withClub(club.clubId, (tx) => ownCard(tx, id(who), [club.squadId], day));
      const mine = read.view.filter((own) => own.athleteId === id(who) && own.exerciseId !== null && !own.stopped);
      if (card?.day === day) expect(card.lines.map(({ slot }) => slot)).toEqual(mine.map(({ slot }) => slot));
    }
    for (const one of read.brief.athletes)
      expect(
        breaches(
          read.view.filter(({ athleteId }) => athleteId === one.id),
          one,
          { ...read.brief, tracks: read.brief.tracks },
        ),
        day,
      ).toEqual([]);
  }

  /** What an athlete owns moves up only because somebody said so, or because it was done for the first time. */
  async function risesAskedFor(day: string, before: Owned): Promise<void> {
    const steps = await withClub(club.clubId, (tx) => tx.select().from(fact).where(eq(fact.kind, 'step')));
    const asked = new Set(
      steps
        .filter(({ body }) => ['accepted', 'found-load'].includes((body as { cause: string }).cause))
        .flatMap(({ athleteId, row, body }) => [
          `${athleteId ?? ''} ${(body as { to: { exerciseId: string } }).to.exerciseId} ${row ?? ''}`,
        ]),
    );
    for (const [key, dose] of await ownedOf()) {
      const was = before.get(key);
      if (!was) continue;
      const up = work(dose) > work(was) || (dose.loadKg ?? 0) > (was.loadKg ?? 0);
      if (up) expect(asked, `${day} ${key}: ${JSON.stringify(was)} → ${JSON.stringify(dose)}`).toContain(key);
    }
  }

  it(
    'every screen agrees, the facts give what is stored, nothing kept is lost, no rule is broken, nothing rises unasked',
    { timeout: 240_000 },
    async () => {
      const templates = new Set<string>();
      for (let n = 0; n < WEEKS * 7; n++) {
        const day = addDays(FIRST, n);
        onDay(day);
        const before = await ownedOf();
        if (offline.length > 0) {
          // yesterday's taps arrive with the wifi
          const answers = await log(club, offline);
          expect(answers.every(({ state }) => state === 'kept')).toBe(true);
          offline = [];
        }
        // two weeks with few calls, two in which the coach wants to be asked everything
        if (n === 14) await askEverything(club);
        await morning(day);
        await decideSome(day);
        if (GYM.includes(new Date(day).getUTCDay()) && !EVENTS.includes(day)) {
          await train(day);
          templates.add((await readOn(club, day)).card.template);
          await oneTruth(day);
        }
        if (day === '2026-11-12') {
          const mine = await dayOf(club, day);
          const squat = mine.athletes
            .find((row) => row.id === id(STEADY))
            ?.tracks.find(({ state }) => state.exposures[0]?.day === '2026-11-11' && state.owned?.dose.loadKg);
          cutTo = squat?.state.owned?.dose.loadKg ?? null;
        }
        await risesAskedFor(day, before);
        await withClub(club.clubId, async (tx) => {
          for (const athleteId of club.athletes) {
            const { stored, folded } = await rebuilt(tx, athleteId);
            expect(folded, day).toEqual(stored);
          }
        });
      }
      expect([...templates]).toEqual(expect.arrayContaining(['full', 'primer', 'recovery']));
      const stored = await withClub(club.clubId, (tx) => tx.select().from(setNow));
      const have = new Set(
        stored.map((set) => `${set.sessionId} ${set.athleteId} ${set.slot} ${String(set.setNumber)}`),
      );
      for (const key of doneSets) expect(have).toContain(key);
      for (const [key, restSeconds] of kept) {
        const [day = '', slot] = key.split(' ');
        const line = (await readOn(club, day)).card.lines.find((one) => one.slot === slot);
        expect(line?.dose.restSeconds, key).toBe(restSeconds);
      }
      expect(cutTo).not.toBeNull();
      // the four weeks held all that moves a dose
      const steps = await withClub(club.clubId, (tx) => tx.select().from(fact).where(eq(fact.kind, 'step')));
      expect([...new Set(steps.map(({ body }) => (body as { cause: string }).cause))].sort()).toEqual([
        'accepted',
        'fall',
        'found-load',
        'held',
        'layoff',
      ]);
    },
  );
});
