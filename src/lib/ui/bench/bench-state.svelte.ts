import type { Assessment, Brief, Pin, Swap } from '$core/choose';
import type { BenchPage } from './bench-page';
import type { Dose } from '$core/dose';
import { parseDose } from '$core/exchange';
import type { Phase } from '$core/library';
import type { Card, Line, Override } from '$core/session';
import { athleteLines } from '$core/session';
import { sayIssue } from '$lib/messages';
import type { ExerciseView } from '$lib/model/exercise-view';
import { startSolver, type Solver } from '$lib/workers/solver';

type KeepState = 'none' | 'keeping' | 'kept' | 'waiting' | 'refused' | 'conflict';

/** Seconds between tries while the server is away. */
const RETRY_S = 3;

/**
 * The Bench's working state: the card on screen, what it measures, and how it is kept. Every change is solved in the
 * worker and kept as it is made; nothing waits for a save button.
 */
export class BenchState {
  card = $state.raw<Card | null>(null);
  assessment = $state.raw<Assessment | null>(null);
  swaps = $state.raw<Readonly<Record<string, readonly Swap[]>>>({});
  views = $state.raw<Readonly<Record<string, ExerciseView>>>({});
  phase = $state<Phase>('in-season');
  minutes = $state(60);
  selected = $state<string | null>(null);
  /** whose doses are shown; null = the squad's line */
  shownAthlete = $state<string | null>(null);
  keep = $state<KeepState>('none');
  messages = $state.raw<readonly string[]>([]);
  keptAt = $state<string | null>(null);
  solving = $state(false);

  #solver: Solver | null = null;
  readonly #data: BenchPage;
  readonly #id: string;
  #version: number;
  #queued = false;

  constructor(data: BenchPage) {
    this.#data = data;
    this.#id = data.session?.id ?? data.newId;
    this.#version = data.session?.version ?? 0;
    this.phase = data.phase;
    this.minutes = data.minutes;
    if (data.session) {
      this.card = data.session.card;
      this.assessment = data.session.assessment;
      this.views = data.session.views;
      this.keep = 'kept';
    }
    this.selected = this.card?.lines.find((line) => line.slot === 'main')?.slot ?? this.card?.lines[0]?.slot ?? null;
  }

  get sessionId(): string {
    return this.#id;
  }

  /** Starts the worker; a card that is not there yet is made, one that is there is only measured for its swaps. */
  async start(): Promise<void> {
    if (!this.#data.brief) return;
    this.#solver = startSolver();
    if (this.card) await this.#solve(this.#pinAll(this.card), this.card.overrides, false);
    else await this.solveAnew(true);
  }

  stop(): void {
    this.#solver?.close();
    this.#solver = null;
  }

  /** Chooses the card for the brief as it stands; the coach's own lines and doses stay. */
  async solveAnew(keepPrevious: boolean): Promise<void> {
    const own = Object.entries(this.#pinAll(this.card)).filter(([, pin]) => pin.byCoach);
    await this.#solve(Object.fromEntries(own), this.card?.overrides ?? [], true, keepPrevious);
  }

  async setMinutes(minutes: number): Promise<void> {
    this.minutes = minutes;
    await this.solveAnew(true);
  }

  async setPhase(phase: Phase): Promise<void> {
    this.phase = phase;
    await this.solveAnew(true);
  }

  /** Puts another entry into a slot; every other line stays as it is. */
  async swap(slot: string, exerciseId: string): Promise<void> {
    if (!this.card) return;
    const pins = { ...this.#pinAll(this.card), [slot]: { exerciseId, dose: null, byCoach: true } };
    await this.#solve(
      pins,
      this.card.overrides.filter((own) => own.slot !== slot),
      true,
    );
  }

  /**
   * Reads a typed dose for the squad's line, or for the athlete on screen.
   * @returns sentences for what stands against it; empty when it was taken
   */
  async typeDose(slot: string, text: string): Promise<string[]> {
    const { card } = this;
    const current = this.doseOf(slot);
    if (!card || !current) return [];
    const parsed = parseDose(text, current, this.#data.massUnit);
    if (!parsed.ok) return parsed.issues.map(sayIssue);
    const athleteId = this.shownAthlete;
    const before = { card, assessment: this.assessment };
    if (athleteId === null) {
      const pins = {
        ...this.#pinAll(card),
        [slot]: { exerciseId: this.#line(slot)?.exerciseId ?? '', dose: parsed.value, byCoach: true },
      };
      await this.#solve(
        pins,
        card.overrides.filter((own) => own.slot !== slot || own.typed),
        true,
      );
    } else {
      const own = athleteLines(card, athleteId).find((line) => line.line.slot === slot);
      if (!own) return [];
      const typed: Override = {
        slot,
        athleteId,
        exerciseId: own.exerciseId,
        row: own.row,
        dose: parsed.value,
        reasons: [{ code: 'pinned', rules: ['SEL-3'], facts: {} }],
        typed: true,
      };
      await this.#solve(
        this.#pinAll(card),
        [...card.overrides.filter((one) => one.slot !== slot || one.athleteId !== athleteId), typed],
        true,
      );
    }
    if (this.keep !== 'refused') return [];
    const said = [...this.messages];
    this.card = before.card;
    this.assessment = before.assessment;
    this.messages = [];
    this.keep = 'kept';
    return said;
  }

  /** The dose shown on a line: the squad's, or the shown athlete's. */
  doseOf(slot: string): Dose | null {
    const { card, shownAthlete } = this;
    if (!card) return null;
    if (shownAthlete === null) return this.#line(slot)?.dose ?? null;
    return athleteLines(card, shownAthlete).find((own) => own.line.slot === slot)?.dose ?? null;
  }

  #line = (slot: string): Line | undefined => this.card?.lines.find((line) => line.slot === slot);

  #pinAll = (card: Card | null): Record<string, Pin> =>
    Object.fromEntries(
      (card?.lines ?? []).map(({ slot, exerciseId, dose, pinned }) => [slot, { exerciseId, dose, byCoach: pinned }]),
    );

  async #solve(
    pins: Brief['pins'],
    overrides: readonly Override[],
    keeps: boolean,
    keepPrevious = true,
  ): Promise<void> {
    const { brief } = this.#data;
    if (!brief || !this.#solver) return;
    this.solving = true;
    // a line only held still keeps the reasons it was put there for
    const reasons = new Map(this.card?.lines.map((line) => [`${line.slot} ${line.exerciseId}`, line.reasons]));
    const result = await this.#solver.api.solve(
      {
        ...brief,
        phase: this.phase,
        minutes: this.minutes,
        pins,
        typedOverrides: overrides.filter((own) => own.typed),
        keepPrevious,
      },
      this.#data.tables,
      this.#data.entries,
    );
    this.solving = false;
    if (!result.ok) {
      this.messages = result.issues.map(sayIssue);
      this.keep = this.card ? 'refused' : 'none';
      return;
    }
    const { card, assessment, swaps, views } = result.value;
    const lines = card.lines.map((line) => {
      const held = pins[line.slot]?.exerciseId === line.exerciseId && !line.pinned;
      return { ...line, reasons: (held && reasons.get(`${line.slot} ${line.exerciseId}`)) || line.reasons };
    });
    this.card = { ...card, lines };
    this.assessment = assessment;
    this.swaps = swaps;
    this.views = { ...this.views, ...views };
    this.messages = [];
    if (!lines.some((line) => line.slot === this.selected))
      this.selected = lines.find((line) => line.slot === 'main')?.slot ?? lines[0]?.slot ?? null;
    if (keeps) await this.#keepCard();
  }

  async #keepCard(): Promise<void> {
    if (this.keep === 'keeping') {
      this.#queued = true;
      return;
    }
    this.keep = 'keeping';
    const { squad, forAthlete, day } = this.#data;
    const body = JSON.stringify({
      version: this.#version,
      squadId: squad.id,
      athleteId: forAthlete,
      day,
      minutes: this.minutes,
      card: this.card,
    });
    try {
      const response = await fetch(`/api/sessions/${this.#id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body,
      });
      const said = (await response.json()) as { version?: number; messages?: string[]; conflict?: boolean };
      if (response.ok && said.version !== undefined) {
        this.#version = said.version;
        this.keep = 'kept';
        this.keptAt = new Date().toTimeString().slice(0, 5);
      } else {
        this.keep = said.conflict ? 'conflict' : 'refused';
        this.messages = said.messages ?? ['This could not be kept.'];
      }
    } catch {
      this.keep = 'waiting';
      this.messages = ['The server is away. What you changed stays here and is kept as soon as it answers.'];
      setTimeout(() => {
        if (this.keep !== 'waiting' || !this.#solver) return;
        this.messages = [];
        void this.#keepCard();
      }, RETRY_S * 1000);
      return;
    }
    if (this.#queued) {
      this.#queued = false;
      await this.#keepCard();
    }
  }
}
