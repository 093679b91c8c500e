import type { Change } from '$core/progress';
import type { Track } from '$core/track';
import type { Tx } from '../db/client';
import type { ClubContext } from '../repositories/club-context';
import { addFacts } from './facts';
import { recordChanges } from './record-change';
import { refoldTracks } from './refold';

/** A dose or a rung that moves for one athlete, by a person's word or a rule's. */
export interface Step extends Pick<Change, 'from' | 'to' | 'rules' | 'saw'> {
  readonly id: string;
  readonly cause: 'accepted' | 'held';
  readonly athleteId: string;
  readonly squadId: string | null;
  readonly exerciseId: string;
  readonly row: Track['row'];
  readonly tight: boolean;
}

/** Makes facts of steps, folds the tracks they touch anew and writes them into the history. */
export async function keepSteps(tx: Tx, club: ClubContext, actor: string, steps: readonly Step[]): Promise<void> {
  if (steps.length === 0) return;
  const after = ({ cause, from, to }: Step): Change['to'] => (cause === 'accepted' ? to : from);
  await addFacts(
    tx,
    club.clubId,
    steps.map((step) => ({
      id: step.id,
      kind: 'step',
      day: club.today,
      actor,
      athleteId: step.athleteId,
      exerciseId: step.exerciseId,
      row: step.row,
      body: {
        cause: step.cause,
        from: step.from,
        to: after(step),
        sessionId: null,
        tight: step.tight,
        rules: step.rules,
        saw: step.saw,
      },
    })),
  );
  for (const athleteId of new Set(steps.map((step) => step.athleteId)))
    await refoldTracks(tx, club.clubId, athleteId, [
      ...new Set(
        steps.filter((step) => step.athleteId === athleteId).flatMap((step) => [step.exerciseId, step.to.exerciseId]),
      ),
    ]);
  await recordChanges(
    tx,
    club.clubId,
    steps.map((step) => ({
      day: club.today,
      actor,
      subject: step.cause === 'accepted' ? 'dose' : 'dose-held',
      athleteId: step.athleteId,
      squadId: step.squadId,
      from: step.from,
      to: after(step),
      rules: step.rules,
      saw: step.saw,
    })),
  );
}
