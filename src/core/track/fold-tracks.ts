import type { Day } from '../calendar';
import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { AnswerFact, ClosedFact, SetFact, StepFact, TrackFact } from './facts';
import { boutsOf, type Bout } from './bouts';
import { answersByDay, responseTo } from './response-to';
import { emptyTrack, EXPOSURES_KEPT, isClean, trackKey, type Exposure, type Track } from './track';

type Happening =
  | { readonly rank: 2 | 4; readonly day: Day; readonly seq: number; readonly step: StepFact }
  | { readonly rank: 3; readonly day: Day; readonly seq: number; readonly bout: Bout }
  | { readonly rank: 4; readonly day: Day; readonly seq: number; readonly closed: ClosedFact };

/** Steps that a rule settled at a session's close come after that session's sets; a person's word comes before them. */
const AT_CLOSE: readonly StepFact['cause'][] = ['found-load', 'fall', 'layoff'];

/**
 * What one athlete owns, from everything that happened: a pure fold in the order (day, rank, writing), so that facts that
 * arrive late take their place. It reads no method and no library: steps carry the dose they led to.
 * @param facts of one athlete, any order; to fold some exercises only, all facts of those and all answers
 * @param sessionDays every day the athlete trained, in order
 * @param before tracks to go on from, where every fact of theirs is earlier than all `facts` and no answer to them is out
 * @returns tracks by exercise, then row
 */
export function foldTracks(
  facts: readonly TrackFact[],
  sessionDays: readonly Day[],
  before: readonly Track[] = [],
): Track[] {
  const answers = answersByDay(facts.filter((fact): fact is AnswerFact => fact.kind === 'answer'));
  const happened: Happening[] = [
    ...boutsOf(facts.filter((fact): fact is SetFact => fact.kind === 'set')).map((bout): Happening => ({
      rank: 3,
      day: bout.day,
      seq: bout.sets[0].seq,
      bout,
    })),
    ...facts.flatMap((fact): Happening[] => {
      const { day, seq } = fact;
      if (fact.kind === 'step') return [{ rank: AT_CLOSE.includes(fact.cause) ? 4 : 2, day, seq, step: fact }];
      return fact.kind === 'closed' ? [{ rank: 4, day, seq, closed: fact }] : [];
    }),
  ].sort((a, b) => (a.day === b.day ? a.rank - b.rank || a.seq - b.seq : a.day < b.day ? -1 : 1));
  const tracks = new Map(before.map((track) => [trackKey(track.exerciseId, track.row), track]));
  const of = (exerciseId: string, row: DoseRowId): Track =>
    tracks.get(trackKey(exerciseId, row)) ?? emptyTrack(exerciseId, row);
  const put = (track: Track): void => void tracks.set(trackKey(track.exerciseId, track.row), track);
  for (const one of happened) {
    if ('bout' in one) {
      const [first] = one.bout.sets;
      put(withBout(of(first.exerciseId, first.row), one.bout, responseTo(one.day, sessionDays, answers)));
    } else if ('step' in one) applyStep(one.step, of, put);
    else
      for (const { exerciseId, row } of one.closed.untapped) {
        const track = of(exerciseId, row);
        put({ ...track, firstDone: track.firstDone ?? one.day, lastDone: later(track.lastDone, one.day) });
      }
  }
  return [...tracks.values()].sort((a, b) => (trackKey(a.exerciseId, a.row) < trackKey(b.exerciseId, b.row) ? -1 : 1));
}

const later = (a: Day | null, b: Day): Day => (a !== null && a > b ? a : b);

function withBout(track: Track, { day, sets }: Bout, response: Exposure['response']): Track {
  const [first] = sets;
  const exposure: Exposure = {
    sessionId: first.sessionId,
    day,
    dose: first.written,
    based: first.based,
    eased: first.eased,
    sets: sets.map(({ amount, loadKg, rir, fault, output }) => ({
      amount,
      loadKg,
      rir,
      fault,
      ...(output != null && { output }),
    })),
    response,
    settledBy: [],
  };
  // a layoff's cut becomes owned at the session's close, which names what stood before it (PROG-7)
  const dose = first.eased.includes('PROG-7')
    ? null
    : (first.based ?? (first.eased.length === 0 ? first.written : null));
  return {
    ...track,
    owned: dose === null ? track.owned : { dose, by: 'done', rules: [] },
    exposures: [exposure, ...track.exposures].slice(0, EXPOSURES_KEPT),
    done: track.done + 1,
    clean: track.clean + (isClean(exposure) ? 1 : 0),
    firstDone: track.firstDone ?? day,
    lastDone: later(track.lastDone, day),
    movedTo: null,
  };
}

/** A step that stays on its exercise, applied to the track as it stands. */
export function applyStepTo(
  track: Track,
  step: Pick<StepFact, 'cause' | 'sessionId' | 'rules'> & { readonly to: { readonly dose: Dose } },
): Track {
  const { cause, to } = step;
  const left = marked(track, step);
  const before =
    cause === 'layoff'
      ? (left.owned?.dose ?? null)
      : cause === 'accepted'
        ? keepBefore(left.before, to.dose)
        : left.before;
  return { ...left, owned: { dose: to.dose, by: cause, rules: step.rules }, before, movedTo: null };
}

function applyStep(
  step: StepFact,
  of: (exerciseId: string, row: DoseRowId) => Track,
  put: (track: Track) => void,
): void {
  const { exerciseId, row, to, cause, day, tight } = step;
  const left = of(exerciseId, row);
  if (cause === 'held') put({ ...left, heldThrough: later(left.heldThrough, day) });
  else if (to.exerciseId === exerciseId) put(applyStepTo(left, step));
  else {
    put({
      ...marked(left, step),
      movedTo: to.exerciseId,
      sentDown: left.sentDown + (tight ? 1 : 0),
      done: 0,
      clean: 0,
    });
    const entered = of(to.exerciseId, row);
    put({
      ...entered,
      owned: { dose: to.dose, by: cause, rules: step.rules },
      movedTo: null,
      done: 0,
      clean: 0,
      before: null,
    });
  }
}

/** A rule settles an exposure once. */
const marked = (track: Track, { sessionId, cause }: Pick<StepFact, 'cause' | 'sessionId'>): Track =>
  sessionId === null
    ? track
    : {
        ...track,
        exposures: track.exposures.map((exposure) =>
          exposure.sessionId === sessionId ? { ...exposure, settledBy: [...exposure.settledBy, cause] } : exposure,
        ),
      };

/** What is still to be given back; null once the old values stand again. */
const keepBefore = (before: Track['before'], now: Dose): Track['before'] =>
  before && (now.sets < before.sets || now.amount < before.amount || (now.loadKg ?? 0) < (before.loadKg ?? 0))
    ? before
    : null;
