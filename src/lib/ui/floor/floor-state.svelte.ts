import { SvelteMap, SvelteSet } from 'svelte/reactivity';
import { v7 } from 'uuid';
import { FAULTS_THAT_REGRESS, type Regression } from '$core/day';
import type { Dose, PlateSet } from '$core/dose';
import { partAt, shareStations, turnOrder, type SetPart } from '$core/floor';
import type { Timeline } from '$core/order';
import { isComplex } from '$core/session';
import type { DoseRowId, MethodSettings } from '$core/method';
import { stopsSelfPaced } from '$core/progress';
import type { MassUnit } from '$core/units';
import type { SetLogBody } from '$lib/model/bodies';
import type { ExerciseView } from '$lib/model/exercise-view';
import { Outbox } from '../outbox/outbox.svelte';

export interface FloorAthlete {
  readonly id: string;
  readonly name: string;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** what becomes owned when it is done, and the rules that eased it today */
  readonly based: Dose | null;
  readonly eased: readonly string[];
  /** sets on the way to the working load of a main lift (ORD-7) */
  readonly ramp: readonly { readonly loadKg: number; readonly reps: number }[];
  /** the rung under it, for who keeps doing it wrong (FLOOR-3) */
  readonly below: Regression | null;
  /** the weak side, begun with (DOSE-10) */
  readonly first: 'left' | 'right' | null;
  readonly replaced: boolean;
  /** something stopped the sets that are left */
  readonly stopped: boolean;
}

export interface FloorLine {
  readonly slot: string;
  readonly block: string;
  readonly group: string | null;
  readonly exerciseId: string;
  /** the coach's words on it */
  readonly note: string | null;
  readonly dose: Dose;
  readonly athletes: readonly FloorAthlete[];
}

export interface DoneSet {
  readonly athleteId: string;
  readonly slot: string;
  readonly setNumber: number;
  readonly amount: number;
  readonly loadKg: number | null;
  readonly rir: number | null;
  readonly fault: string | null;
  /** best height or distance, m, or reps of a timed set; null = not counted */
  readonly output: number | null;
  readonly asWritten: boolean;
  /** what was done; absent in a set that is still on its way */
  readonly exerciseId?: string;
}

/** What the page's server gives the floor. */
export interface FloorPage {
  readonly session: {
    readonly id: string;
    readonly day: string;
    readonly minutes: number;
    readonly title: string;
    readonly back: string;
    readonly closed: boolean;
    readonly frozen: boolean;
  };
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly massUnit: MassUnit;
  /** jumps stop by their outputs, not by a number (REST-3), and by which */
  readonly selfPaced: boolean;
  readonly selfPacedRule: MethodSettings['rest']['selfPaced'];
  readonly racks: number;
  readonly plates: PlateSet;
  readonly lines: readonly FloorLine[];
  readonly views: Readonly<Record<string, ExerciseView>>;
  readonly beats: Timeline['beats'];
  readonly ramps: Timeline['ramps'];
  readonly logs: readonly DoneSet[];
  readonly mayLog: boolean;
}

/** Athletes who share one place on the floor when it is not a rack. */
const SHARE_OPEN = 5;

const keyOf = (slot: string, athleteId: string, setNumber: number): string =>
  `${slot} ${athleteId} ${String(setNumber)}`;

/** The floor's working state: the line on now, who has done what, the rest clock, and the outbox behind every tap. */
export class FloorState {
  readonly page: FloorPage;
  readonly outbox = new Outbox();
  at = $state(0);
  readonly done = new SvelteMap<string, DoneSet>();
  /** an athlete called out of turn, by station */
  readonly called = new SvelteMap<number, string>();
  /** who went one rung down on a line, after how many sets of it */
  readonly regressed = new SvelteMap<string, number>();
  /** who is not here today: their rack moves up, and nothing of the session is asked of them */
  readonly absent = new SvelteSet<string>();
  /** sets logged together by the last tap, for as long as it can be taken back as one */
  together = $state<readonly SetLogBody[]>([]);
  restEndsAt = $state<number | null>(null);
  /** a set of time that the clock runs */
  #running = $state<{ readonly parts: readonly SetPart[]; readonly beganAt: number } | null>(null);
  now = $state(0);

  constructor(page: FloorPage) {
    this.page = page;
    for (const log of page.logs) {
      this.done.set(keyOf(log.slot, log.athleteId, log.setNumber), log);
      const own = page.lines.find(({ slot }) => slot === log.slot)?.athletes.find(({ id }) => id === log.athleteId);
      if (own?.below && own.below.exerciseId === log.exerciseId)
        this.regressed.set(keyOf(log.slot, log.athleteId, 0), 0);
    }
    const firstOpen = page.lines.findIndex((line) => !this.#isThrough(line));
    this.at = firstOpen === -1 ? 0 : firstOpen;
  }

  /** @param owner whose taps are sent: who is signed in here */
  async start(owner: string): Promise<void> {
    this.outbox.open(owner);
    for (const id of readAbsent(this.page.session.id)) this.absent.add(id);
    for (const set of await this.outbox.pending(this.page.session.id)) this.#show(set);
  }

  stop(): void {
    this.outbox.close();
  }

  readonly line = $derived.by(() => this.page.lines[this.at]);

  readonly stations = $derived.by(() => {
    const { line } = this;
    if (!line) return [];
    const racked = line.athletes.some(({ exerciseId }) =>
      ['rack', 'platform'].includes(this.page.views[exerciseId]?.station ?? ''),
    );
    const count = racked ? Math.max(1, this.page.racks) : Math.max(1, Math.ceil(line.athletes.length / SHARE_OPEN));
    const here = line.athletes.filter(({ id }) => !this.absent.has(id));
    const groups = shareStations(
      here.map(({ id, dose }) => ({ id, loadKg: dose.loadKg })),
      count,
    );
    const wanted = new Map(here.map(({ id, dose, stopped }) => [id, stopped ? 0 : dose.sets]));
    const sets = new Map(here.map(({ id }) => [id, this.setsDone(id)]));
    return groups.map((ids, i) => {
      const turn = turnOrder(ids, sets, wanted);
      const called = this.called.get(i);
      const current = called !== undefined && turn.includes(called) ? called : turn[0];
      const order = current === undefined ? [] : [current, ...turn.filter((id) => id !== current)];
      return { name: racked ? String(i + 1) : String.fromCharCode(65 + i), ids, order };
    });
  });

  /** What an athlete does of a line: the card's, or the rung under it once that was gone to. */
  athlete(id: string, line: FloorLine | undefined = this.line): FloorAthlete | undefined {
    const own = line?.athletes.find((one) => one.id === id);
    return line && own?.below && this.regressed.has(keyOf(line.slot, id, 0))
      ? { ...own, ...own.below, based: own.below.dose, eased: [], ramp: [], below: null, replaced: true }
      : own;
  }

  /** A fault seen as often as offers the rung under it (FLOOR-3); null = none. */
  faultOf(athleteId: string): string | null {
    const seen = this.#setsOf(athleteId).flatMap(({ fault }) => (fault === null ? [] : [fault]));
    return seen.find((one) => seen.filter((other) => other === one).length >= FAULTS_THAT_REGRESS) ?? null;
  }

  /** The sets that are left are done one rung down. */
  regress(athleteId: string): void {
    if (this.line) this.regressed.set(keyOf(this.line.slot, athleteId, 0), this.setsDone(athleteId));
  }

  /** Whether nothing was done one rung down yet. */
  mayGoUp(athleteId: string): boolean {
    return !!this.line && this.regressed.get(keyOf(this.line.slot, athleteId, 0)) === this.setsDone(athleteId);
  }

  /** They are not: the line is done as it was written. */
  goUp(athleteId: string): void {
    if (this.line) this.regressed.delete(keyOf(this.line.slot, athleteId, 0));
  }

  /** Whether self-paced jumps end here, by what was measured of them (REST-3). */
  isSpent(athleteId: string): 'tired' | 'enough' | null {
    const sets = this.#setsOf(athleteId);
    const own = this.athlete(athleteId);
    if (!this.page.selfPaced || !own || this.page.views[own.exerciseId]?.intent == null) return null;
    const attempts = own.dose.unit === 'reps' ? sets.reduce((sum, { amount }) => sum + amount, 0) : 0;
    return stopsSelfPaced(
      sets.map(({ output }) => output),
      attempts,
      this.page.selfPacedRule,
    );
  }

  #setsOf(athleteId: string): readonly DoneSet[] {
    return Array.from({ length: this.setsDone(athleteId) }, (_, i) => this.setOf(athleteId, i + 1)).filter(
      (set) => set !== undefined,
    );
  }

  setsDone(athleteId: string, line: FloorLine | undefined = this.line): number {
    if (!line) return 0;
    let count = 0;
    while (this.done.has(keyOf(line.slot, athleteId, count + 1))) count += 1;
    return count;
  }

  setOf(athleteId: string, setNumber: number): DoneSet | undefined {
    return this.line && this.done.get(keyOf(this.line.slot, athleteId, setNumber));
  }

  /** Lines that are parts of one set with the line that is on (DOSE-9), itself among them, in order. */
  get parts(): readonly FloorLine[] {
    const { line } = this;
    if (!line) return [];
    return isComplex(line.group) ? this.page.lines.filter(({ group }) => group === line.group) : [line];
  }

  /**
   * Logs the athlete's next set as it is written, or with what was changed. The other parts of a complex are done with it, as
   * they are written.
   */
  async log(
    athleteId: string,
    changed: Partial<Pick<DoneSet, 'amount' | 'loadKg' | 'rir' | 'fault' | 'output'>> | null,
  ): Promise<void> {
    const { line } = this;
    const own = this.athlete(athleteId);
    if (!line || !own) return;
    const set = this.#setOf(line, own, this.setsDone(athleteId) + 1, changed);
    this.#show(set);
    const others = this.parts.flatMap((part) => this.#part(part, line, athleteId, set.setNumber));
    for (const other of others) this.#show(other);
    this.together = others.length > 0 ? [set, ...others] : [];
    // each athlete's own: who does another line or dose may rest otherwise
    const doses = this.parts
      .flatMap(({ athletes }) => athletes.filter(({ id }) => id === athleteId))
      .map(({ dose }) => dose);
    const rests = doses.flatMap(({ restSeconds }) => restSeconds ?? []);
    const isLast = set.setNumber >= Math.max(...doses.map(({ sets }) => sets));
    if (rests.length > 0 && !isLast) this.rest(Math.max(...rests));
    await this.outbox.put(set, ...others);
  }

  /** The same set of another part of a complex; nothing when it is done, not asked of the athlete, or stopped. */
  #part(part: FloorLine, line: FloorLine, athleteId: string, setNumber: number): SetLogBody[] {
    const own = part.athletes.find(({ id }) => id === athleteId);
    if (part === line || !own || own.stopped || setNumber > own.dose.sets) return [];
    if (this.setsDone(athleteId, part) >= setNumber) return [];
    return [this.#setOf(part, own, this.setsDone(athleteId, part) + 1, null)];
  }

  #setOf(
    line: FloorLine,
    own: FloorAthlete,
    setNumber: number,
    changed: Partial<Pick<DoneSet, 'amount' | 'loadKg' | 'rir' | 'fault' | 'output'>> | null,
  ): SetLogBody {
    const { dose } = own;
    return {
      id: v7(),
      sessionId: this.page.session.id,
      athleteId: own.id,
      slot: line.slot,
      setNumber,
      amount: changed?.amount ?? dose.amount,
      loadKg: changed?.loadKg === undefined ? dose.loadKg : changed.loadKg,
      rir: changed?.rir === undefined ? dose.rir : changed.rir,
      fault: changed?.fault ?? null,
      output: changed?.output ?? null,
      asWritten: changed === null,
      doneAt: new Date().toISOString(),
      removed: false,
      shown: shownOf(own),
    };
  }

  /** Sets that are left of some lines, for some athletes: of who is here and not stopped. Getting warm is not counted. */
  #left(lines: readonly FloorLine[], of: ReadonlySet<string> | null): [FloorLine, FloorAthlete, number][] {
    return lines
      .filter(({ block }) => !UNCOUNTED.includes(block))
      .flatMap((line) =>
        line.athletes
          .filter(({ id, stopped }) => !stopped && !this.absent.has(id) && (of?.has(id) ?? true))
          .flatMap(({ id }) => this.athlete(id, line) ?? [])
          .flatMap((own) =>
            Array.from(
              { length: Math.max(0, own.dose.sets - this.setsDone(own.id, line)) },
              (_, i): [FloorLine, FloorAthlete, number] => [line, own, this.setsDone(own.id, line) + i + 1],
            ),
          ),
      );
  }

  /** How many sets one tap would log: of the line on now, of one rack's people on it, or of the whole session. */
  leftOf(scope: Scope): number {
    return this.#left(...this.#scoped(scope)).length;
  }

  #scoped(scope: Scope): [readonly FloorLine[], ReadonlySet<string> | null] {
    if (scope === 'session') return [this.page.lines, null];
    return scope === 'line' ? [this.parts, null] : [this.parts, new Set(scope)];
  }

  /** Logs every set that is left as it is written, in one tap; exceptions are changed afterwards. */
  async logLeft(scope: Scope): Promise<void> {
    const sets = this.#left(...this.#scoped(scope)).map(([line, own, setNumber]) =>
      this.#setOf(line, own, setNumber, null),
    );
    await this.#putTogether(sets);
  }

  /** The same for one line at the close, whichever is on now. */
  async logLine(slot: string): Promise<void> {
    const lines = this.page.lines.filter((line) => line.slot === slot);
    await this.#putTogether(this.#left(lines, null).map(([line, own, number]) => this.#setOf(line, own, number, null)));
  }

  async #putTogether(sets: readonly SetLogBody[]): Promise<void> {
    for (const set of sets) this.#show(set);
    this.together = sets;
    if (sets.length > 0) await this.outbox.put(...sets);
  }

  /** Takes back what the last tap logged together. */
  async takeTogetherBack(): Promise<void> {
    const back = this.together.map((set) => ({ ...set, id: v7(), doneAt: new Date().toISOString(), removed: true }));
    for (const set of back) this.#show(set);
    this.together = [];
    if (back.length > 0) await this.outbox.put(...back);
  }

  /** Somebody is not here today, or is here after all. */
  setAbsent(athleteId: string, isAbsent: boolean): void {
    if (isAbsent) this.absent.add(athleteId);
    else this.absent.delete(athleteId);
    keepAbsent(this.page.session.id, [...this.absent]);
  }

  /** Lines of which nobody here has a set: asked about at the close. */
  get untouched(): readonly FloorLine[] {
    return this.page.lines.filter(
      (line) =>
        !UNCOUNTED.includes(line.block) &&
        this.#left([line], null).length > 0 &&
        line.athletes.every(({ id }) => this.setsDone(id, line) === 0),
    );
  }

  /** Takes the athlete's last set on this line back. */
  async takeBack(athleteId: string): Promise<void> {
    const { line } = this;
    const setNumber = this.setsDone(athleteId);
    const last = this.setOf(athleteId, setNumber);
    const own = this.athlete(athleteId);
    if (!line || !last || !own) return;
    this.done.delete(keyOf(line.slot, athleteId, setNumber));
    const { amount, loadKg, rir, fault, output, asWritten } = last;
    await this.outbox.put({
      id: v7(),
      sessionId: this.page.session.id,
      athleteId,
      slot: line.slot,
      setNumber,
      amount,
      loadKg,
      rir,
      fault,
      output,
      asWritten,
      doneAt: new Date().toISOString(),
      removed: true,
      shown: shownOf(own),
    });
  }

  /** Runs the clock over a set of time: the holds, the change of sides, the rest between them. */
  runSet(parts: readonly SetPart[]): void {
    this.now = Date.now();
    this.restEndsAt = null;
    this.#running = { parts, beganAt: this.now };
  }

  /** What the set that the clock runs is at; null when none runs. */
  get setNow(): ReturnType<typeof partAt> {
    return this.#running && partAt(this.#running.parts, (this.now - this.#running.beganAt) / 1000);
  }

  stopSet(): void {
    this.#running = null;
  }

  rest(seconds: number): void {
    this.now = Date.now();
    this.stopSet();
    this.restEndsAt = this.now + seconds * 1000;
  }

  #show(set: SetLogBody): void {
    const key = keyOf(set.slot, set.athleteId, set.setNumber);
    if (set.removed) this.done.delete(key);
    else this.done.set(key, set);
  }

  #isThrough = (line: FloorLine): boolean =>
    line.athletes.every(
      ({ id, dose, stopped }) => stopped || this.absent.has(id) || this.setsDone(id, line) >= dose.sets,
    );

  /** A set laid aside, as it reads: who, what, which. */
  wordsOf({ athleteId, slot, setNumber }: Pick<SetLogBody, 'athleteId' | 'slot' | 'setNumber'>): string {
    const name = this.page.people.find(({ id }) => id === athleteId)?.name ?? 'somebody';
    const line = this.page.lines.find((one) => one.slot === slot);
    const entry = line ? (this.page.views[line.exerciseId]?.name ?? slot) : slot;
    return `${name}, ${entry}, set ${String(setNumber)}`;
  }

  /** Athletes with a set: they were there. */
  get present(): ReadonlySet<string> {
    return new Set([...this.done.values()].map(({ athleteId }) => athleteId));
  }

  /**
   * Closes the session: how long, how hard, who was there, and which lines nobody did.
   * @returns a sentence when it could not be closed; empty when it was
   */
  async close(
    minutes: number | null,
    rpe: number | null,
    present: readonly string[],
    notDone: readonly string[] = [],
  ): Promise<string> {
    if (this.outbox.waiting > 0) return 'Some sets are still on their way. Close when all is kept.';
    this.#closing ??= v7();
    try {
      const response = await fetch(`/api/sessions/${this.page.session.id}/close`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ id: this.#closing, minutes, rpe, present, notDone }),
      });
      if (response.ok) return '';
      const said = (await response.json()) as { messages?: readonly string[] };
      // a corrected form is another command
      this.#closing = null;
      return said.messages?.join(' ') ?? 'This session could not be closed.';
    } catch {
      return 'The server is away. The session stays open; close it when it answers.';
    }
  }

  #closing: string | null = null;
}

/** What one tap logs: the line on now, the whole session, or the line for the people of one rack. */
export type Scope = 'line' | 'session' | readonly string[];

/** Nobody ticks these set by set. */
const UNCOUNTED: readonly string[] = ['prep', 'mobility', 'cool-down'];

const absentKey = (sessionId: string): string => `absent ${sessionId}`;

/** Who this device was told is not here; without a store it starts anew. */
function readAbsent(sessionId: string): string[] {
  try {
    return JSON.parse(localStorage.getItem(absentKey(sessionId)) ?? '[]') as string[];
  } catch {
    return [];
  }
}

function keepAbsent(sessionId: string, ids: readonly string[]): void {
  try {
    localStorage.setItem(absentKey(sessionId), JSON.stringify(ids));
  } catch {
    // a device without a store asks again after a reload
  }
}

/** What the device shows: the set stands with it, whatever the card says by the time it arrives. */
const shownOf = ({ exerciseId, row, dose, based, eased }: FloorAthlete): SetLogBody['shown'] => ({
  exerciseId,
  row,
  dose,
  based,
  eased: [...eased],
});
