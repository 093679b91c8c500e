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
  /** what has to be folded anew before anybody looks */
  readonly #changed = new Set<string>();
  readonly #answers: AnswerFact[] = [];
  #complaintFacts: readonly ComplaintFact[] = [];
  readonly #lastDone = new Map<string, Day>();
  /** ladders and entries that were done on a day */
  readonly #touched = new Map<Day, Set<string>>();
  #owned: readonly Track[] | null = null;
  /** as the application reads them, until anything happens */
  #row: { readonly day: Day; readonly row: AthleteRow } | null = null;
  #complaints: readonly StandingComplaint[] = [];
  readonly #tested: AthleteRow['results'] = [];
  readonly trained: Day[] = [];
  #lighterFrom: Day | null = null;

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
    for (const key of this.#changed) this.#tracks.set(key, this.#folded(this.#facts.get(key)));
    this.#changed.clear();
    return (this.#owned ??= [...this.#tracks.values()].flat());
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
    const doneAt = `${day}T18:00:00Z`;
    this.#lastDone.set(exercise.id, day);
    this.#touched.set(day, (this.#touched.get(day) ?? new Set()).add(keyOf(exercise)));
    this.#keep(
      exercise,
      // a season has some hundred thousand of them: field by field is several times faster than spread
      sets.map(({ amount, loadKg, rir, fault }, i): TrackFact => {
        const { id, seq } = this.#fact(day);
        return {
          id,
          seq,
          day,
          kind: 'set',
          sessionId: session.id,
          slot: line.slot,
          setNumber: i + 1,
          exerciseId: exercise.id,
          row: line.row,
          written: line.dose,
          based: line.based,
          eased: line.eased,
          amount,
          loadKg,
          rir,
          fault,
          doneAt,
          removed: false,
        };
      }),
    );
  }

  /** The session is over: the day counts as trained, and what was done is folded. */
  close(day: Day): void {
    if (this.trained.at(-1) !== day) this.trained.push(day);
    this.#answered(day);
  }

  /** When they last did an entry; null = never. */
  lastDone(exerciseId: string): Day | null {
    return this.#lastDone.get(exerciseId) ?? null;
  }

  /** The coach asks for lighter work from here (PROG-10). */
  lighten(day: Day): void {
    this.#lighterFrom = day;
    this.#row = null;
  }

  step(exercise: Exercise, day: Day, step: Omit<StepFact, 'id' | 'seq' | 'day' | 'kind'>): void {
    this.#keep(exercise, [{ ...step, ...this.#fact(day), kind: 'step' }]);
    this.#change(keyOf(exercise));
  }

  answer(day: Day, response: Response): void {
    const fact = this.#fact(day);
    this.#answers.push({ ...fact, kind: 'answer', response });
    this.#complain({ ...response, kind: 'answer', side: null, signs: [], day });
    const last = this.trained.findLast((one) => one < day);
    if (last !== undefined) this.#answered(last);
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
    this.#row = null;
  }

  /** Whether the last time of training was spoken of. */
  answeredSince(day: Day): boolean {
    return this.#answers.some((answer) => answer.day > day);
  }

  /** As the application would read the athlete on a day: the same row until something happens. */
  asRow(day: Day): AthleteRow {
    if (this.#row?.day !== day) this.#row = { day, row: this.#read(day) };
    return this.#row.row;
  }

  #read(day: Day): AthleteRow {
    const newest = this.base.results.reduce((last, result) => (result.day > last ? result.day : last), '');
    const by = newest === '' ? 0 : daysBetween(newest, day) - SCREENED_DAYS_AGO;
    const own = new Set(this.#tested.map(({ test }) => test));
    return {
      ...this.base,
      lighterFrom: this.#lighterFrom,
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
    this.#row = null;
    return { id: `${this.base.id}-${String(this.#seq).padStart(6, '0')}`, seq: this.#seq, day };
  }

  /** @param facts of one day, at least one */
  #keep(exercise: Exercise, facts: readonly TrackFact[]): void {
    const key = keyOf(exercise);
    const kept = this.#facts.get(key) ?? NOTHING;
    // what no answer speaks of any more is folded once and gone on from
    const since = addDays(facts[0]?.day ?? '', -ANSWER_SPEAKS_OF_DAYS);
    const isOver = ({ day }: TrackFact): boolean => day < since;
    const over = kept.facts.filter(isOver);
    const rest = over.length === 0 ? kept.facts : kept.facts.filter((fact) => !isOver(fact));
    this.#facts.set(key, {
      facts: [...rest, ...facts],
      before: over.length === 0 ? kept.before : this.#folded({ facts: over, before: kept.before }),
    });
  }

  #change(key: string): void {
    this.#changed.add(key);
    this.#owned = null;
    this.#row = null;
  }

  #folded({ facts, before }: Folding = NOTHING): readonly Track[] {
    const from = facts[0]?.day ?? '';
    const answers = this.#answers.slice(this.#answers.findLastIndex(({ day }) => day <= from) + 1);
    return foldTracks([...facts, ...answers], this.trained, before);
  }

  /** A day of training is over, or spoken of: what was done on it stands otherwise. */
  #answered(day: Day): void {
    for (const key of this.#touched.get(day) ?? []) this.#change(key);
  }

  #complain(fact: DistributedOmit<ComplaintFact, 'id' | 'seq'>): void {
    // of several answers of a day the last one counts
    const kept =
      fact.kind === 'answer'
        ? this.#complaintFacts.filter((one) => one.kind !== 'answer' || one.day !== fact.day)
        : this.#complaintFacts;
    this.#complaintFacts = [...kept, { ...fact, ...this.#fact(fact.day) }];
    this.#complaints = foldComplaints(this.#complaintFacts, this.trained);
  }
}

/** Facts of one ladder since what is folded for good. */
interface Folding {
  readonly facts: readonly TrackFact[];
  readonly before: readonly Track[];
}
const NOTHING: Folding = { facts: [], before: [] };

type DistributedOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** A step may lead from rung to rung: what is on one ladder is folded together. */
const keyOf = ({ id, ladder }: Exercise): string => (ladder ? `ladder ${ladder.id}` : id);
