import { eq } from 'drizzle-orm';
import { momentsOf, testSpecs } from '$core/athlete';
import { fail, ok, type Issue, type Result } from '$core/result';
import type { Ceiling, SquadAims } from '$core/startline';
import type { AimsForm } from '$lib/model/forms';
import type { Tx } from '../db/client';
import { athlete, squad } from '../db/schema';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { leastCeiling } from '../reads/least-ceiling';
import { recordChanges } from './record-change';

/** Tests a squad may name as its result: everything that is a number. */
export const resultTests = ({
  method,
}: Pick<ClubContext, 'method'>): { id: string; name: string; unit: string; per: number }[] =>
  [...testSpecs(method).values()]
    .filter(({ kind, tier }) => kind === 'number' && tier === null)
    .map(({ id, name, unit, per }) => ({ id, name, unit, per }));

/** A form's numbers as aims; the error is typed in the unit the test is shown in. */
export function aimsOf(form: AimsForm, { method }: Pick<ClubContext, 'method'>): SquadAims {
  const spec = testSpecs(method).get(form.resultTest);
  const pair = (squatX: number | null, hingeX: number | null) =>
    squatX === null || hingeX === null ? null : { squat: squatX, hinge: hingeX };
  return {
    result: spec
      ? {
          test: spec.id,
          name: form.resultName,
          error: form.resultError === null ? null : form.resultError / spec.per,
        }
      : null,
    targets: {
      female: pair(form.femaleSquat, form.femaleHinge),
      male: pair(form.maleSquat, form.maleHinge),
      young: pair(form.youngSquat, form.youngHinge),
    },
    enough: { squat: form.enoughSquat, hinge: form.enoughHinge },
  };
}

/** Why a ceiling cannot stand: below a force target, who reaches it would be kept from passing. */
export function ceilingTrouble(
  { targets, enough }: SquadAims,
  { method: { start } }: Pick<ClubContext, 'method'>,
): Issue[] {
  const known = [targets.female ?? start.target, targets.male ?? start.target];
  const low = (lift: 'squat' | 'hinge'): boolean =>
    enough[lift] !== null && known.some((target) => (enough[lift] ?? 0) < target[lift]);
  const issue = (lift: 'squat' | 'hinge', field: string): Issue[] =>
    low(lift)
      ? [{ code: 'enough_below_target', path: [field], facts: { target: Math.max(...known.map((one) => one[lift])) } }]
      : [];
  return [...issue('squat', 'enoughSquat'), ...issue('hinge', 'enoughHinge')];
}

export async function keepAims(
  tx: Tx,
  club: ClubContext,
  row: SquadRow,
  aims: SquadAims,
  actor: string,
): Promise<Result<null>> {
  await tx
    .update(squad)
    .set({ aims, version: row.version + 1 })
    .where(eq(squad.id, row.id));
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'squad-aims', squadId: row.id, from: row.aims, to: aims },
  ]);
  return ok(null);
}

/**
 * Names an athlete's weak moment for the coming block, or takes it back (START-12).
 * @param id empty = none
 * @returns nothing, or `moment_unknown`
 */
export async function setMoment(
  tx: Tx,
  {
    club,
    squad: of,
    row,
  }: {
    readonly club: ClubContext;
    /** null = in no squad: only the moments of any sport */
    readonly squad: SquadRow | null;
    readonly row: Pick<AthleteRow, 'id' | 'weakMoment'>;
  },
  id: string,
  actor: string,
): Promise<Result<null>> {
  const found = momentsOf(of ? club.library.sports.get(of.sportId) : undefined, club.method).find(
    (one) => one.id === id,
  );
  if (!found && id !== '') return fail('moment_unknown', ['moment']);
  const by = actor.startsWith('athlete:') ? ('athlete' as const) : ('coach' as const);
  await tx
    .update(athlete)
    .set({ weakMoment: found ? { id: found.id, since: club.today, by } : null })
    .where(eq(athlete.id, row.id));
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'moment',
      athleteId: row.id,
      from: row.weakMoment,
      to: found ? { id: found.id, name: found.name } : null,
      rules: ['START-12'],
    },
  ]);
  return ok(null);
}

/**
 * Says a lift is strong enough at so many kg, or lets it rise again (DOSE-6).
 * @param kg null = takes the ceiling away
 * @returns nothing, `lift_unknown`, or `below_target` with the least it may be
 */
export async function setCeiling(
  tx: Tx,
  { club, squad: of, row }: { readonly club: ClubContext; readonly squad: SquadRow; readonly row: AthleteRow },
  { lift, kg, why }: { lift: string; kg: number | null; why: Ceiling['why'] },
  actor: string,
): Promise<Result<null>> {
  const least = leastCeiling(lift, row, of, club);
  if (least === null) return fail('lift_unknown', ['lift']);
  if (kg !== null && kg < least) return fail('below_target', ['kg'], { least });
  const before = row.ceilings.find((one) => one.lift === lift) ?? null;
  const after: Ceiling | null = kg === null ? null : { lift, kg, since: club.today, why };
  await tx
    .update(athlete)
    .set({ ceilings: [...row.ceilings.filter((one) => one.lift !== lift), ...(after ? [after] : [])] })
    .where(eq(athlete.id, row.id));
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'ceiling',
      athleteId: row.id,
      from: before && { lift, kg: before.kg },
      to: { lift, kg },
      rules: why === 'result' ? ['START-11', 'DOSE-6'] : ['DOSE-6'],
    },
  ]);
  return ok(null);
}
