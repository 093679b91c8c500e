import { waitingOf } from '../reads/waiting';
import type { Tx } from '../db/client';
import { homeOf, knowRow, loadAthlete } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { loadSessionHeads } from '../repositories/session-heads';
import { derivedId } from './facts';
import { keepSteps } from './keep-steps';

/**
 * Applies what a rule settles inside its limits for one athlete once the morning is known (PROG-17), unless the squad's
 * coach asks to be asked. Twice changes nothing: what was moved waits for nothing more.
 */
export async function applyByRule(tx: Tx, club: ClubContext, athleteId: string): Promise<void> {
  const athlete = await loadAthlete(tx, athleteId, club.today);
  const squad = athlete && homeOf(athlete, club);
  if (!squad || squad.schools.calls !== 'few') return;
  const known = knowRow(athlete, club.today, club, squad);
  const sessionOf = await loadSessionHeads(tx, lastSessions(known.tracks));
  const due = waitingOf(athlete, known, squad, sessionOf, club).filter(({ alone }) => alone);
  await keepSteps(
    tx,
    club,
    'rule',
    due.map(({ track: { exerciseId, row }, change, sessionId, squad: { id: squadId } }) => ({
      id: derivedId('by-rule', athleteId, sessionId, exerciseId, row),
      cause: 'accepted',
      athleteId,
      squadId,
      exerciseId,
      row,
      tight: change.saw.answer === 'tight',
      from: change.from,
      to: change.to,
      rules: [...new Set([...change.rules, 'PROG-17'])],
      saw: change.saw,
    })),
  );
}

/** The newest session of each track. */
export const lastSessions = (
  tracks: readonly { readonly exposures: readonly { readonly sessionId: string }[] }[],
): string[] => [...new Set(tracks.flatMap(({ exposures }) => exposures[0]?.sessionId ?? []))];
