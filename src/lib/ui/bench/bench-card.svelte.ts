import type { Assessment, Brief, Swap } from '$core/choose';
import { squadDoseOf, type DayLine } from '$core/day';
import type { Dose } from '$core/dose';
import type { Phase } from '$core/library';
import { AS_TEMPLATE, type Card, type CardShape, type Line, type TypedLine } from '$core/session';
import { sayIssue } from '$lib/messages';
import type { BenchGround, KeptCard } from '$lib/model/bench-ground';
import type { CardAnswer } from '$lib/model/card';
import type { ExerciseView } from '$lib/model/exercise-view';
import { viewOf } from '$lib/model/sent-view';
import { startSolver, type Solver } from '$lib/workers/solver';
import type { BenchPage } from './bench-page';
import { CardHistory } from './card-history';
import { CardKeeper } from './card-keeper';
import { mergeAnswer, type LineConflict } from './kept-card';
import * as edit from './shape-card';

type GroundReader = (page: Pick<BenchPage, 'squad' | 'day' | 'forAthlete'>) => Promise<BenchGround>;

const fetchGround: GroundReader = async ({ squad, day, forAthlete }) => {
  const response = await fetch(`/api/bench/${squad.id}/${day}${forAthlete === null ? '' : `?for=${forAthlete}`}`);
  if (!response.ok) throw new Error('away');
  return (await response.json()) as BenchGround;
};

type KeepState = 'none' | 'keeping' | 'kept' | 'waiting' | 'refused' | 'conflict';

/** How a card is chosen again beside its pins. */
interface How {
  /** what runs stays where it may */
  readonly keepRunning?: boolean;
  readonly shape?: CardShape;
  /** nothing else comes on the card */
  readonly still?: boolean;
}
export const STILL: How = { still: true };

/** Seconds between tries while the server is away. */
const RETRY_S = 3;

/**
 * The card on the Bench as it stands: what is on screen, what it measures, and how it is chosen, read and kept. Actions are
 * carried out one after the other on the state the one before left; every change is solved in the worker and kept line by
 * line as it is made.
 */
export class BenchCard {
  card = $state.raw<Card | null>(null);
  /** the card as its athletes do it today */
  view = $state.raw<readonly DayLine[]>([]);
  assessment = $state.raw<Assessment | null>(null);
  swaps = $state.raw<Readonly<Record<string, readonly Swap[]>>>({});
  views = $state.raw<Readonly<Record<string, ExerciseView>>>({});
  phase = $state<Phase>('in-season');
  minutes = $state(60);
  facilityId = $state<string | null>(null);
  selected = $state<string | null>(null);
  /** whose doses are shown; null = the squad's line */
  shownAthlete = $state<string | null>(null);
  keep = $state<KeepState>('none');
  messages = $state.raw<readonly string[]>([]);
  conflicts = $state.raw<readonly LineConflict[]>([]);
  keptAt = $state<string | null>(null);
  /** the server has it, as it stood once: it can be printed and opened on the floor */
  isStored = $state(false);
  solving = $state(false);
  /** lines that the last change moved beside the one it was made on */
  moved = $state.raw<readonly string[]>([]);
  /** entries that the last change took off the card beside the one it was made on */
  gone = $state.raw<readonly string[]>([]);
  /** cards the club keeps to start others from */
  kept = $state.raw<readonly KeptCard[]>([]);
  canUndo = $state(false);
  canRedo = $state(false);
  /** an event's own day offers nothing until a primer is asked for (WEEK-2) */
  eventDay = $state(false);

  protected solver: Solver | null = null;
  protected ground: BenchGround | null = null;
  /** resolves when there is something to choose from; false = the page was left before */
  protected grounded: Promise<boolean> = Promise.resolve(false);
  readonly #readGround: GroundReader;
  protected readonly data: BenchPage;
  readonly #keeper: CardKeeper;
  protected primer: boolean;
  #actions: Promise<void> = Promise.resolve();
  protected readonly history: CardHistory;

  /** @param readGround fetches what the card is chosen from */
  constructor(data: BenchPage, readGround: GroundReader = fetchGround) {
    this.data = data;
    this.#keeper = new CardKeeper(data);
    this.primer = data.primer;
    this.#readGround = readGround;
    this.history = new CardHistory(this.#keeper.id, typeof sessionStorage === 'undefined' ? null : sessionStorage);
    this.tellSteps();
    this.phase = data.phase;
    this.minutes = data.minutes;
    this.facilityId = this.#keeper.facilityId;
    if (data.session) {
      this.card = data.session.card;
      this.view = viewOf(data.session.view);
      this.assessment = data.session.assessment;
      this.views = data.session.views;
      this.keep = 'kept';
      this.isStored = true;
    }
    this.selected = this.mainSlot();
  }

  get sessionId(): string {
    return this.#keeper.id;
  }

  /** Another page made this day's card a moment ago, and nobody has changed anything on this one: theirs is the card. */
  get standsElsewhere(): boolean {
    return this.keep === 'conflict' && !this.isStored && !this.canUndo;
  }

  /** Starts the worker; a card that is not there yet is made, one that is there is only measured for its swaps. */
  start(): Promise<void> {
    if (!this.data.plans || this.data.frozen) return Promise.resolve();
    this.solver = startSolver();
    this.grounded = this.#ready();
    return this.act(async () => {
      if (!(await this.grounded)) return;
      const { card } = this;
      if (card) await this.look(card);
      else await this.solve({}, []);
    });
  }

  /** Fetches what the card is chosen from, as long as it takes; the card that stands is on screen meanwhile. */
  async #ready(): Promise<boolean> {
    while (this.solver) {
      try {
        this.ground = await this.#readGround(this.data);
        this.kept = this.ground.kept;
        this.messages = [];
        return true;
      } catch {
        this.messages = ['The server does not answer. The card stands as it is; it can be changed when it does.'];
        await new Promise((done) => setTimeout(done, RETRY_S * 1000));
      }
    }
    return false;
  }

  stop(): void {
    this.solver?.close();
    this.solver = null;
  }

  /** What stood before a change can come back; what was refused changed nothing. */
  protected remember(before: Card): void {
    if (this.card === before) return;
    this.history.push(before);
    this.tellSteps();
  }

  protected tellSteps(): void {
    this.canUndo = this.history.canUndo;
    this.canRedo = this.history.canRedo;
  }

  protected tellMoved(before: Card | null, acted: string | null): void {
    const { card } = this;
    this.moved = card ? edit.movedSince(before, card, acted) : [];
    this.gone = card && before ? edit.goneSince(before, card, acted) : [];
  }

  /** One action after the other; what goes wrong in one ends as a sentence and keeps no later one from its turn. */
  protected act(work: () => Promise<void>): Promise<void> {
    const done = this.#actions.then(work).catch(() => {
      this.solving = false;
      this.messages = ['Something went wrong while choosing. Nothing was lost; try again, or reload the page.'];
      this.keep = this.card ? 'refused' : 'none';
    });
    this.#actions = done;
    return done;
  }

  protected doseAt(slot: string, athleteId: string | null): Dose | null {
    const own = this.view.find((one) => one.slot === slot && one.athleteId === athleteId);
    if (own) return own.exerciseId === null ? null : own.dose;
    // the squad's, or of somebody a page need not tell of: the line as it stands
    const line = this.card?.lines.find((one) => one.slot === slot);
    return line ? squadDoseOf(line, this.view) : null;
  }

  /** The line a card opens on: what leads it, else the first after getting warm. */
  protected mainSlot = (): string | null => {
    const lines = this.card?.lines ?? [];
    const first = lines.find(({ slot }) => slot === 'main') ?? lines.find(({ block }) => block !== 'prep') ?? lines[0];
    return first?.slot ?? null;
  };

  protected brief = (
    pins: Brief['pins'],
    typed: readonly TypedLine[],
    { keepRunning = true, shape = this.card?.shape ?? AS_TEMPLATE, still = false }: How = {},
  ): Brief | null =>
    this.ground && {
      ...this.ground.brief,
      phase: this.phase,
      minutes: this.minutes,
      primer: this.primer,
      pins,
      shape,
      typed,
      keepRunning,
      still,
    };

  protected async solve(pins: Brief['pins'], typed: readonly TypedLine[], how: How = {}): Promise<void> {
    const brief = this.brief(pins, typed, how);
    if (!brief || !this.ground || !this.solver) return;
    this.solving = true;
    const result = await this.solver.api.solve(brief, this.ground.tables, this.ground.entries);
    this.solving = false;
    if (!result.ok) {
      this.eventDay = result.issues.some(({ code }) => code === 'event_day');
      this.messages = result.issues.map(sayIssue);
      this.keep = this.card ? 'refused' : 'none';
      return;
    }
    const { card, view, assessment, swaps, views } = result.value;
    const before = new Map(this.card?.lines.map((line) => [line.slot, line]));
    this.card = { ...card, lines: card.lines.map((line) => heldLine(line, before.get(line.slot), pins)) };
    this.view = view;
    this.assessment = assessment;
    this.swaps = swaps;
    this.views = { ...this.views, ...views };
    this.messages = [];
    if (!card.lines.some((line) => line.slot === this.selected)) this.selected = this.mainSlot();
    await this.keepCard();
  }

  /** What a card that stands could be swapped for and how it measures; the card itself is left alone. */
  protected async look(card: Card): Promise<void> {
    const brief = this.brief(edit.pinAll(card.lines), card.typed, { shape: card.shape });
    if (!brief || !this.ground || !this.solver) return;
    this.solving = true;
    const result = await this.solver.api.solve(brief, this.ground.tables, this.ground.entries);
    this.solving = false;
    if (result.ok) {
      this.swaps = result.value.swaps;
      this.views = { ...this.views, ...result.value.views };
    }
    await this.remeasure();
  }

  /** Reads the card on screen anew after lines came in from elsewhere. */
  protected async remeasure(): Promise<void> {
    const { card } = this;
    const brief = card && this.brief({}, card.typed);
    if (!brief || !this.ground || !this.solver) return;
    const { tables, entries } = this.ground;
    const { view, assessment } = await this.solver.api.measure(card, brief, tables, entries);
    this.view = view;
    this.assessment = assessment;
  }

  protected async keepCard(): Promise<void> {
    const { card } = this;
    if (!card) return;
    this.keep = 'keeping';
    const { minutes, facilityId } = this;
    const { phase, template, shape } = card;
    const sent = await this.#keeper.send(card, { minutes, facilityId, phase, template, shape });
    if (sent.state === 'same') this.keep = 'kept';
    else if (sent.state === 'answered') await this.#answered(card, sent.answer, sent.messages);
    else if (sent.state === 'turned-away') {
      this.keep = sent.isConflict ? 'conflict' : 'refused';
      this.messages = sent.messages;
    } else this.#tryAgain();
  }

  #tryAgain(): void {
    this.keep = 'waiting';
    this.messages = ['The server is away. What you changed stays here and is kept as soon as it answers.'];
    setTimeout(() => {
      if (this.keep !== 'waiting' || !this.solver) return;
      this.messages = [];
      void this.act(() => this.keepCard());
    }, RETRY_S * 1000);
  }

  async #answered(sent: Card, answer: CardAnswer, said: readonly string[]): Promise<void> {
    const before = this.card;
    if (!before) return;
    const { card, conflicts, refused } = mergeAnswer(before, sent, answer);
    const refusedOwn = Object.values(answer.typed).some(({ state }) => state === 'refused');
    this.conflicts = [
      ...this.conflicts.filter(({ slot }) => !conflicts.some((one) => one.slot === slot)),
      ...conflicts,
    ];
    this.card = card;
    if (answer.head?.state === 'conflict') {
      this.minutes = card.minutes;
      this.phase = card.phase;
    }
    this.messages = said;
    this.keep = refused.length > 0 || refusedOwn ? 'refused' : this.conflicts.length > 0 ? 'conflict' : 'kept';
    this.isStored ||= answer.head === null || answer.head.state === 'kept';
    this.keptAt = new Date().toTimeString().slice(0, 5);
    if (JSON.stringify(card) !== JSON.stringify(before)) await this.remeasure();
  }
}

/** A line only held still is the line it was, with the reasons and substitutes it was put there with. */
function heldLine(line: Line, before: Line | undefined, pins: Brief['pins']): Line {
  const pin = pins[line.slot];
  const held = pin?.dosed != null && pin.dosed.dose === before?.dose && pin.exerciseId === before.exerciseId;
  // where it stands may be new
  const { block, group, pinned, note, only } = line;
  if (!held) return line;
  return { ...edit.ungated(before, edit.overrideOf(line)), block, group, pinned, note, only };
}
