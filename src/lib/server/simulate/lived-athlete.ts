import { addDays, daysBetween, type Day } from '$core/calendar';
import type { DayLine } from '$core/day';
import type { Exercise } from '$core/library';
import { foldComplaints, type Clearance, type ComplaintFact, type StandingComplaint } from '$core/safety';
import {
  ANSWER_SPEAKS_OF_DAYS,
  foldTracks,
  type AnswerFact,
  type LoggedSet,
  type Response,
  type StepFact,
  type Track,
  type TrackFact,
} from '$core/track';
import type { Body } from '$core/virtual';
import type { AthleteRow } from '../repositories/athletes';

/** Mornings a page reads of an athlete. */
const MORNINGS = 12;
/** Tests that training does not settle are taken to be repeated before they lapse. */
const SCREENED_DAYS_AGO = 7;

/**
 * A virtual athlete and everything that happened, as facts: what the application would find stored. What they own is
 * folded from the facts by the core's own folds, the facts of one ladder at a time.
 */
export class LivedAthlete {
  #seq = 0;
  readonly #facts = new Map<string, Folding>();
  readonly #tracks = new Map<string, readonly Track[]>();
  readonly #answers: AnswerFact[] = [];
  readonly #complaintFacts: ComplaintFact[] = [];
  #complaints: readonly StandingComplaint[] = [];
  readonly #tested: AthleteRow['results'] = [];
  readonly trained: Day[] = [];
  /** the coach asked for lighter work from here (PROG-10) */
  lighterFrom: Day | null = null;

  constructor(
    readonly base: AthleteRow,
    public body: Body,
    readonly seed: number,
  ) {
    for (const { place, side, score, signs, since } of base.complaints)
      this.#complain({ kind: 'complaint', place, side, score, signs, since, day: since });
  }

  get id(): string {
    return this.base.id;
  }

  get tracks(): readonly Track[] {
    return [...this.#tracks.values()].flat();
  }

  get complaints(): readonly StandingComplaint[] {
    return this.#complaints;
  }

  /** The newest answers, newest first, with their days. */
  get answers(): readonly AnswerFact[] {
    return [...this.#answers].reverse();
  }

  /** What an athlete did of a line, kept as the floor keeps it. */
  log(
    line: DayLine,
    exercise: Exercise,
    sets: readonly LoggedSet[],
    session: { readonly id: string; readonly day: Day },
  ): void {
    const { day } = session;
    this.#keep(
      exercise,
      sets.map((set, i) => ({
        ...set,
        ...this.#fact(day),
        kind: 'set',
        sessionId: session.id,
        slot: line.slot,
        setNumber: i + 1,
        exerciseId: exercise.id,
        row: line.row,
        written: line.dose,
        based: line.based,
        eased: line.eased,
        doneAt: `${day}T18:00:00Z`,
        removed: false,
      })),
    );
  }

  /** The session is over: the day counts as trained, and what was done is folded. */
  close(day: Day): void {
    if (this.trained.at(-1) !== day) this.trained.push(day);
    this.#foldDay(day);
  }

  step(exercise: Exercise, day: Day, step: Omit<StepFact, 'id' | 'seq' | 'day' | 'kind'>): void {
    this.#keep(exercise, [{ ...step, ...this.#fact(day), kind: 'step' }]);
    this.#fold(keyOf(exercise));
  }

  answer(day: Day, response: Response): void {
    const fact = this.#fact(day);
    this.#answers.push({ ...fact, kind: 'answer', response });
    this.#complain({ ...response, kind: 'answer', side: null, signs: [], day });
    const last = this.trained.findLast((one) => one < day);
    if (last !== undefined) this.#foldDay(last);
  }

  refer(complaint: string, day: Day): void {
    this.#complain({ kind: 'referral', complaint, day });
  }

  clear(
    complaint: string,
    day: Day,
    given: Pick<Clearance, 'role' | 'from' | 'expires' | 'lifts' | 'upTo' | 'scope'>,
  ): void {
    this.#complain({ kind: 'clearance', complaint, given, day });
  }

  /** Coach and clinician say that the way back is over. */
  returned(complaint: string, day: Day): void {
    this.#complain({ kind: 'returned', complaint, day });
  }

  test(results: readonly Partial<AthleteRow['results'][number]>[]): void {
    this.#tested.push(...(results as AthleteRow['results']));
  }

  /** Whether the last time of training was spoken of. */
  answeredSince(day: Day): boolean {
    return this.#answers.some((answer) => answer.day > day);
  }

  /** As the application would read the athlete on a day. */
  asRow(day: Day): AthleteRow {
    const newest = this.base.results.reduce((last, result) => (result.day > last ? result.day : last), '');
    const by = newest === '' ? 0 : daysBetween(newest, day) - SCREENED_DAYS_AGO;
    const own = new Set(this.#tested.map(({ test }) => test));
    return {
      ...this.base,
      lighterFrom: this.lighterFrom,
      tracks: this.tracks.map((state) => ({ state })),
      checkIns: this.answers.slice(0, MORNINGS).map(({ id, day: on, seq, response }) => ({
        id,
        day: on,
        seq,
        ...response,
        side: null,
        signs: [],
      })),
      complaints: this.#complaints
        .filter(({ score }) => score > 0)
        .map((one) => ({ ...one, id: one.origin, referredAt: one.referred ? new Date(0) : null })),
      results: [
        ...this.#tested.toReversed(),
        ...this.base.results
          .filter(({ test }) => !own.has(test))
          .map((result) => ({ ...result, day: addDays(result.day, by) })),
      ],
    } as unknown as AthleteRow;
  }

  #fact(day: Day): { id: string; seq: number; day: Day } {
    this.#seq += 1;
    return { id: `${this.base.id}-${String(this.#seq).padStart(6, '0')}`, seq: this.#seq, day };
  }

  #keep(exercise: Exercise, facts: readonly TrackFact[]): void {
    const key = keyOf(exercise);
    const kept = this.#facts.get(key) ?? { facts: [], before: [] };
    const [first] = facts;
    const last = kept.facts.at(-1);
    // what no answer speaks of any more is folded once and gone on from
    if (first && last && daysBetween(last.day, first.day) > ANSWER_SPEAKS_OF_DAYS) {
      this.#facts.set(key, { facts: [...facts], before: this.#tracks.get(key) ?? [] });
      return;
    }
    this.#facts.set(key, { ...kept, facts: [...kept.facts, ...facts] });
  }

  #fold(key: string): void {
    const { facts, before } = this.#facts.get(key) ?? { facts: [], before: [] };
    const from = facts[0]?.day ?? '';
    const answers = this.#answers.filter(({ day }) => day > from);
    this.#tracks.set(key, foldTracks([...facts, ...answers], this.trained, before));
  }

  /** What a day's facts touch. */
  #foldDay(day: Day): void {
    for (const [key, { facts }] of this.#facts)
      if (facts.findLast((fact) => fact.kind === 'set')?.day === day) this.#fold(key);
  }

  #complain(fact: DistributedOmit<ComplaintFact, 'id' | 'seq'>): void {
    this.#complaintFacts.push({ ...fact, ...this.#fact(fact.day) });
    this.#complaints = foldComplaints(lastAnswers(this.#complaintFacts), this.trained);
  }
}

/** Facts of one ladder since what is folded for good. */
interface Folding {
  readonly facts: readonly TrackFact[];
  readonly before: readonly Track[];
}

type DistributedOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** A step may lead from rung to rung: what is on one ladder is folded together. */
const keyOf = ({ id, ladder }: Exercise): string => (ladder ? `ladder ${ladder.id}` : id);

/** Of several answers of a day the last one counts. */
const lastAnswers = (facts: readonly ComplaintFact[]): ComplaintFact[] =>
  facts.filter(
    (fact, i) =>
      fact.kind !== 'answer' || !facts.slice(i + 1).some((later) => later.kind === 'answer' && later.day === fact.day),
  );
