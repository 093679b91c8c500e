import { testSpecs } from '$core/athlete';
import { RETURN_STAGES } from '$core/method';
import { finesLeft, inForce, isBeyond, leaveChecks, stageBeside, type LeaveCheck } from '$core/safety';
import { outcomesOf } from '$core/startline';
import type { WayBack } from '$lib/model/way-back';
import { factsOf, recordsOfRow, type AthleteRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';

type ComplaintRow = AthleteRow['complaints'][number];

/** What is asked before *return* is left, as it stands today; empty when nobody returns (SAFE-2). */
export function checksOf(athlete: AthleteRow, complaint: ComplaintRow, club: ClubContext): LeaveCheck[] {
  const { method, today } = club;
  if (!complaint.returning) return [];
  const outcomes = outcomesOf(recordsOfRow(athlete, today, method), testSpecs(method), today);
  const { tests } = factsOf(athlete, today, club, null);
  return leaveChecks(complaint.returning, complaint.place, tests, outcomes, method);
}

/** The way back of a complaint, as it is shown; null when there is none. */
export function wayBackOf(athlete: AthleteRow, complaint: ComplaintRow, club: ClubContext): WayBack | null {
  const { returning, clearance } = complaint;
  const upTo = clearance?.upTo ?? null;
  if (!returning || upTo === null || complaint.score === 0) return null;
  const { stages, symmetryFrom } = club.method.returning;
  const next = stageBeside(returning.stage, 1);
  const specs = testSpecs(club.method);
  return {
    stage: returning.stage,
    name: stages[returning.stage].name,
    stages: RETURN_STAGES.map((id) => ({
      id,
      name: stages[id].name,
      state: isBeyond(id, upTo)
        ? 'closed'
        : isBeyond(id, returning.stage)
          ? 'ahead'
          : id === returning.stage
            ? 'now'
            : 'done',
    })),
    finesLeft: finesLeft(returning),
    next: next && stages[next].name,
    holds: inForce(complaint, club.today) !== null,
    needsNote: next !== null && finesLeft(returning) === 0 && isBeyond(next, upTo),
    symmetryFrom,
    checks: checksOf(athlete, complaint, club).map(({ of, test, met, share }) => ({
      of,
      met,
      share,
      test: test === null ? null : (specs.get(test)?.name ?? test),
    })),
  };
}
