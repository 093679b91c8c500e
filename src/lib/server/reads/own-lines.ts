import { firstSide, type DayLine } from '$core/day';
import { rampSets } from '$core/dose';
import { formatDose, formatMass } from '$core/exchange';
import { getExercise, type Family } from '$core/library';
import { rampKindOf } from '$core/session';
import { placeOf } from '$lib/model/kit';
import { kitFor } from './make-brief';
import type { CardRead } from './read-card';
import type { SquadDay } from './squad-day';

/** A line of a card as one athlete does it, in words. */
export interface OwnLine {
  readonly slot: string;
  readonly block: string;
  readonly name: string;
  readonly family: Family;
  readonly dose: string;
  readonly sets: number;
  /** on the way to the working load; empty = none */
  readonly ramp: string;
  readonly cues: readonly string[];
  readonly caution: string;
  /** the weak side, begun with; the other matches its reps (DOSE-10) */
  readonly first: 'left' | 'right' | null;
  /** the coach's words on it; null = none */
  readonly note: string | null;
}

/** What one athlete does of a card today, in words; what is left out or stopped is not on it. */
export function ownLines({ club, ...rows }: SquadDay, { card, view, brief }: CardRead, athleteId: string): OwnLine[] {
  const { loading } = placeOf(kitFor({ club, ...rows }));
  const facts = brief.athletes.find(({ id }) => id === athleteId);
  const lines = new Map(card.lines.map((line) => [line.slot, line]));
  const isDone = (own: DayLine): own is DayLine & { exerciseId: string } =>
    own.athleteId === athleteId && own.exerciseId !== null && own.stopped === null;
  return view.filter(isDone).map((own) => {
    const exercise = getExercise(club.library, own.exerciseId);
    const ramp = rampSets(exercise, own.dose, loading, club.method, rampKindOf(own.slot, card.lines));
    return {
      slot: own.slot,
      block: lines.get(own.slot)?.block ?? '',
      name: exercise.name,
      family: exercise.family,
      dose: formatDose(own.dose, club.massUnit),
      sets: own.dose.sets,
      ramp: ramp.map(({ loadKg, reps }) => `${formatMass(loadKg, club.massUnit)} × ${String(reps)}`).join(', '),
      cues: exercise.cues,
      caution: exercise.cautions[0] ?? '',
      note: lines.get(own.slot)?.note ?? null,
      first: facts ? firstSide(exercise, facts) : null,
    };
  });
}
