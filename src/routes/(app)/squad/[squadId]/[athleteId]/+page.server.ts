import { SIDES } from '$core/library';
import { ownValue } from '$core/own';
import { RETURN_STAGES } from '$core/method';
import { lightCard } from '$core/progress';
import { barOf, complaintColumn, SIGNS } from '$core/safety';
import { wayBackOf } from '$lib/server/reads/way-back';
import { summariseOneRepMax } from '$core/testing';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadHistory, noteHealthView } from '$lib/server/repositories/history';
import { openAthlete } from '$lib/server/reads/open-athlete';
import { historyWords } from '$lib/server/reads/history-words';
import { sayDay, squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { ageOf, knowRow, morningsOf } from '$lib/server/repositories/athletes';
import { barWords } from '$lib/messages';
import { JUMP_TESTS, LIFTS } from '$lib/model/forms';
import { athleteForms } from '$lib/server/forms/athlete';
import type { PageServerLoad } from './$types';

const HISTORY_SHOWN = 40;

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, userId, role } = identityOf(locals);
  const seesHealth = can(role, 'health');
  const { club, squad, row, history } = await withClub(clubId, async (tx) => {
    const found = await openAthlete(tx, params);
    const changes = await loadHistory(tx, found.row.id, HISTORY_SHOWN);
    // who looked at health notes is kept with the notes (SAFE-7)
    if (seesHealth && found.row.complaints.length > 0) await noteHealthView(tx, clubId, userId, found.row.id);
    return { ...found, history: changes };
  });
  const { today, method } = club;
  const { facts, tracks } = knowRow(row, today, club, squad);
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => `/squad/${one.id}`),
        {
          label: 'athlete',
          value: `/squad/${squad.id}/${row.id}`,
          options: [
            { href: `/squad/${squad.id}/${row.id}`, label: row.name },
            { href: `/squad/${squad.id}`, label: 'all of the squad' },
          ],
        },
      ],
      level: 2,
      ...threadEnd(club, squad, today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    today,
    athlete: {
      id: row.id,
      name: row.name,
      role: row.role,
      birthDate: row.birthDate,
      age: ageOf(row, today),
      sex: row.sex,
      bodyMassKg: row.bodyMassKg,
      liftLevel: row.liftLevel,
      jumpLevel: row.jumpLevel,
      jumpSeasons: row.jumpSeasons,
      growthCmPerMonth: row.growthCmPerMonth,
      guardianConsent: row.guardianConsent,
      version: row.version,
    },
    consentNeeded: facts.consentMissing,
    tests: facts.tests,
    legs: facts.sides && {
      ...facts.sides,
      test: ownValue(method.tests, facts.sides.test)?.name ?? facts.sides.test,
    },
    lifts: Object.entries(LIFTS).flatMap(([id, name]) => {
      const best = row.results.find((result) => result.test === id && result.loadKg !== null && result.reps !== null);
      if (best?.loadKg == null || best.reps === null) return [];
      const summary = summariseOneRepMax(best.loadKg, best.reps, best.rir ?? 0, method.settings.loading.maxReps);
      return [
        {
          id,
          name,
          day: best.day,
          loadKg: best.loadKg,
          reps: best.reps,
          medianKg: summary.ok ? summary.value.medianKg : null,
          spreadKg: summary.ok ? summary.value.spreadKg : null,
          inDate: id in facts.e1rmKg,
          timesMass: summary.ok && row.bodyMassKg ? summary.value.medianKg / row.bodyMassKg : null,
        },
      ];
    }),
    jumps: row.results
      .filter(({ test, value }) => Object.hasOwn(JUMP_TESTS, test) && value !== null)
      .slice(0, 3)
      .map(({ test, day, value }) => ({ name: JUMP_TESTS[test as keyof typeof JUMP_TESTS], day, heightM: value ?? 0 })),
    mornings: morningsOf(row)
      .map(({ day, answer, place }) => ({
        day,
        answer,
        place: place === null || !seesHealth ? null : (ownValue(method.places, place)?.name ?? place),
      }))
      .reverse(),
    light: lightCard(tracks, facts, today),
    complaints: seesHealth
      ? row.complaints.map((one) => ({
          id: one.id,
          place: ownValue(method.places, one.place)?.name ?? one.place,
          placeId: one.place,
          side: one.side,
          score: one.score,
          signs: one.signs,
          since: one.since,
          column: complaintColumn(one, today),
          needsNewNote: one.clearance?.endedOn != null,
          clearance: one.clearance,
          referred: one.referredAt !== null,
          way: wayBackOf(row, one, club),
        }))
      : null,
    places: Object.entries(method.places).map(([id, { name }]) => ({ id, name })),
    stages: RETURN_STAGES.map((id) => ({ id, name: method.returning.stages[id].name })),
    /** what each place stops at each column, in words */
    stops: Object.fromEntries(
      Object.keys(method.places).map((place) => [
        place,
        Object.fromEntries(
          (['mild', 'three', 'stop'] as const).map((column) => [
            column,
            barWords(barOf({ place, side: null, score: 0, column }, method)),
          ]),
        ),
      ]),
    ),
    days: row.days
      .filter(({ to }) => to >= today)
      .map(({ id, kind, name, from, to }) => ({
        id,
        kind,
        name,
        words: from === to ? sayDay(from) : `${sayDay(from)} – ${sayDay(to)}`,
      })),
    background: seesHealth ? row.background : null,
    signs: SIGNS,
    sides: SIDES,
    testDay: `/start/${squad.id}/${today}`,
    history: historyWords(history, {
      names: club.staffNames,
      athlete: row.name,
      mass: club.massUnit,
      places: method.places,
      stages: method.returning.stages,
      health: seesHealth,
      exercise: (id) => club.library.exercises.get(id)?.name ?? id,
    }),
    hasLink: row.links.some((link) => link.revokedAt === null && link.expiresAt > new Date()),
  };
};

export const actions = athleteForms;
