import { error, fail } from '@sveltejs/kit';
import { and, desc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { ageInYears } from '$core/calendar';
import { SIDES, TESTS } from '$core/library';
import { barOf, complaintColumn, SIGNS } from '$core/safety';
import { summariseOneRepMax } from '$core/testing';
import { massToKg } from '$core/units';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { origin } from '$lib/server/config';
import { withClub, type Tx } from '$lib/server/db/client';
import { athlete, change, complaint, healthView } from '$lib/server/db/schema';
import { readForm } from '$lib/server/forms';
import { factsOf, loadAthlete, loadLastDone, type AthletePage } from '$lib/server/repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '$lib/server/repositories/club-context';
import { keepAthleteResult } from '$lib/server/services/keep-athlete-result';
import { makeLink, revokeLink } from '$lib/server/services/athlete-link';
import { historyWords } from '$lib/server/services/history-words';
import { squadKnot, threadEnd } from '$lib/server/services/page-thread';
import { recordChanges } from '$lib/server/services/record-change';
import { barWords } from '$lib/messages';
import {
  athleteFactsSchema,
  backgroundSchema,
  clearanceSchema,
  complaintSchema,
  JUMP_TESTS,
  LIFTS,
  resultSchema,
} from '$lib/model/forms';
import type { Actions, PageServerLoad } from './$types';

const HISTORY_SHOWN = 40;

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, userId, role } = identityOf(locals);
  const seesHealth = can(role, 'health');
  const { club, squad, row, lastDone, history } = await withClub(clubId, async (tx) => {
    const found = await open(tx, params);
    const done = await loadLastDone(tx, [found.row.id], found.club.today);
    const changes = await tx
      .select()
      .from(change)
      .where(eq(change.athleteId, found.row.id))
      .orderBy(desc(change.at), desc(change.id))
      .limit(HISTORY_SHOWN);
    // who looked at health notes is kept with the notes (SAFE-7)
    if (seesHealth && found.row.complaints.length > 0)
      await tx.insert(healthView).values({ clubId, id: v7(), userId, athleteId: found.row.id });
    return { ...found, lastDone: done.get(found.row.id) ?? {}, history: changes };
  });
  const { today, method } = club;
  const facts = factsOf(row, lastDone, today, club, squad);
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
      age: row.birthDate === null ? null : ageInYears(row.birthDate, today),
      sex: row.sex,
      bodyMassKg: row.bodyMassKg,
      liftLevel: row.liftLevel,
      jumpLevel: row.jumpLevel,
      jumpSeasons: row.jumpSeasons,
      growthCmPerMonth: row.growthCmPerMonth,
      guardianConsent: row.guardianConsent,
      version: row.version,
    },
    consentNeeded:
      row.birthDate !== null &&
      ageInYears(row.birthDate, today) < method.settings.youth.consentUnderYears &&
      !row.guardianConsent,
    tests: facts.tests,
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
      .filter(({ test, value }) => test in JUMP_TESTS && value !== null)
      .slice(0, 3)
      .map(({ test, day, value }) => ({ name: JUMP_TESTS[test as keyof typeof JUMP_TESTS], day, heightM: value ?? 0 })),
    mornings: row.checkIns
      .map(({ day, answer, place }) => ({
        day,
        answer,
        place: place === null || !seesHealth ? null : (method.places[place]?.name ?? place),
      }))
      .reverse(),
    complaints: seesHealth
      ? row.complaints.map((one) => ({
          id: one.id,
          place: method.places[one.place]?.name ?? one.place,
          placeId: one.place,
          side: one.side,
          score: one.score,
          signs: one.signs,
          since: one.since,
          column: complaintColumn(one, today),
          clearance: one.clearance,
          referred: one.referredAt !== null,
        }))
      : null,
    places: Object.entries(method.places).map(([id, { name }]) => ({ id, name })),
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
    background: seesHealth ? row.background : null,
    signs: SIGNS,
    sides: SIDES,
    screens: TESTS.filter((test) => /^[RCK]/.test(test)),
    liftNames: LIFTS,
    jumpNames: JUMP_TESTS,
    history: historyWords(history, {
      names: club.staffNames,
      athlete: row.name,
      mass: club.massUnit,
      places: method.places,
      health: seesHealth,
      exercise: (id) => club.library.exercises.get(id)?.name ?? id,
    }),
    hasLink: row.links.some((link) => link.revokedAt === null),
  };
};

async function open(
  tx: Tx,
  params: { squadId: string; athleteId: string },
): Promise<{ club: ClubContext; squad: SquadRow; row: AthletePage }> {
  if (!z.uuid().safeParse(params.athleteId).success) error(404, 'There is no such athlete.');
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === params.squadId);
  const row = await loadAthlete(tx, params.athleteId, club.today);
  if (!squad || !row || !row.squads.some(({ squadId }) => squadId === squad.id))
    error(404, 'There is no such athlete in this squad.');
  return { club, squad, row };
}

/** What cannot be, said at its field; what was typed stays. */
const troubleAt = (form: string, field: string, message: string, typed: Record<string, string>) => {
  const errors: Record<string, string[] | undefined> = { [field]: [message] };
  return fail(400, { form, errors, typed });
};

/** `knee, 2024, left` as a past injury; null when its place is none of the body's. */
function readInjury(line: string, places: ClubContext['method']['places']) {
  const parts = line.split(',').map((part) => part.trim().toLowerCase());
  const place = Object.entries(places).find(([id, { name }]) =>
    [id, name, ...name.split(', ')].some((word) => word.toLowerCase() === parts[0]),
  )?.[0];
  const side = SIDES.find((one) => parts.includes(one)) ?? null;
  return place === undefined ? null : { place, year: parts.find((part) => /^(19|20)\d\d/.test(part)) ?? '', side };
}

const KEPT = { errors: {} as Record<string, string[] | undefined>, typed: {} as Record<string, string> };

export const actions: Actions = {
  facts: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'facts', athleteFactsSchema);
    if (!form.ok) return form.failure;
    await withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      const mass = form.value.bodyMassKg;
      const set = { ...form.value, bodyMassKg: mass === null ? null : massToKg(mass, club.massUnit) };
      await tx
        .update(athlete)
        .set({ ...set, version: row.version + 1 })
        .where(eq(athlete.id, row.id));
      const changed = Object.entries(set).filter(([key, value]) => row[key as keyof typeof set] !== value);
      const before = Object.fromEntries(changed.map(([key]) => [key, row[key as keyof typeof set]]));
      if (changed.length > 0)
        await recordChanges(tx, clubId, [
          {
            day: club.today,
            actor: userId,
            subject: 'facts',
            athleteId: row.id,
            from: before,
            to: Object.fromEntries(changed),
          },
        ]);
    });
    return { form: 'facts', ...KEPT };
  },
  result: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'result', resultSchema);
    if (!form.ok) return form.failure;
    return withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      const { trouble, asks } = await keepAthleteResult(tx, club, row, form.value, userId);
      return trouble
        ? troubleAt('result', trouble.field, trouble.message, form.typed)
        : { form: 'result', ...KEPT, asks: asks ? form.value.day : null };
    });
  },
  complaint: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'complaint', complaintSchema, ['signs']);
    if (!form.ok) return form.failure;
    const wrong = await withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      if (form.value.since > club.today)
        return troubleAt('complaint', 'since', 'It cannot have begun after today.', form.typed);
      await tx
        .insert(complaint)
        .values({ clubId, id: v7(), athleteId: row.id, ...form.value, updatedDay: club.today, clearance: null });
      await recordChanges(tx, clubId, [
        {
          day: club.today,
          actor: userId,
          subject: 'complaint',
          athleteId: row.id,
          from: null,
          to: form.value,
          rules: ['SAFE-2', 'SAFE-8'],
        },
      ]);
    });
    return wrong ?? { form: 'complaint', ...KEPT };
  },
  clearance: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'clearance', clearanceSchema);
    if (!form.ok) return form.failure;
    const { complaintId, ...given } = form.value;
    const wrong = await withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      if (given.expires < club.today)
        return troubleAt('clearance', 'expires', 'It has already run out: a later day.', form.typed);
      const clearance = { ...given, from: club.today };
      await tx
        .update(complaint)
        .set({ clearance })
        .where(and(eq(complaint.id, complaintId), eq(complaint.athleteId, row.id)));
      await recordChanges(tx, clubId, [
        {
          day: club.today,
          actor: userId,
          subject: 'clearance',
          athleteId: row.id,
          from: null,
          to: clearance,
          rules: ['SAFE-2'],
        },
      ]);
    });
    return wrong ?? { form: 'clearance', ...KEPT };
  },
  background: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'background', backgroundSchema);
    if (!form.ok) return form.failure;
    const { injuries, ...rest } = form.value;
    return withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      const read = injuries.map((line) => readInjury(line, club.method.places));
      const bad = read.findIndex((one) => one === null);
      if (bad >= 0)
        return troubleAt(
          'background',
          'injuries',
          `“${injuries[bad] ?? ''}” names no place of the body: write for example knee, 2024, left.`,
          form.typed,
        );
      const background = { ...rest, pastInjuries: read.filter((one) => one !== null) };
      await tx.update(athlete).set({ background }).where(eq(athlete.id, row.id));
      await recordChanges(tx, clubId, [
        { day: club.today, actor: userId, subject: 'background', athleteId: row.id, from: null, to: { changed: true } },
      ]);
      return { form: 'background', ...KEPT };
    });
  },
  link: async ({ locals, params }) => {
    const { clubId, userId } = identityOf(locals);
    const path = await withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      await recordChanges(tx, clubId, [
        { day: club.today, actor: userId, subject: 'link-made', athleteId: row.id, from: null, to: null },
      ]);
      return makeLink(tx, clubId, row.id);
    });
    return { form: 'link', ...KEPT, link: `${origin()}${path}` };
  },
  revoke: async ({ locals, params }) => {
    const { clubId, userId } = identityOf(locals);
    await withClub(clubId, async (tx) => {
      const { club, row } = await open(tx, params);
      await revokeLink(tx, row.id);
      await recordChanges(tx, clubId, [
        { day: club.today, actor: userId, subject: 'link-ended', athleteId: row.id, from: null, to: null },
      ]);
    });
    return { form: 'revoke', ...KEPT };
  },
};
