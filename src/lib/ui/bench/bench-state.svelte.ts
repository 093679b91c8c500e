import type { Assessment, Brief, Given, Offer, Swap } from '$core/choose';
import { squadDoseOf, type DayLine } from '$core/day';
import type { Dose } from '$core/dose';
import { parseDose } from '$core/exchange';
import type { Family, Phase } from '$core/library';
import { AS_TEMPLATE, type Card, type CardShape, type Line, type TypedLine } from '$core/session';
import { sayIssue } from '$lib/messages';
import type { BenchGround, KeptCard } from '$lib/model/bench-ground';
import type { CardAnswer } from '$lib/model/card';
import type { ExerciseView } from '$lib/model/exercise-view';
import { startSolver, type Solver } from '$lib/workers/solver';
import type { BenchPage } from './bench-page';
import { CardHistory } from './card-history';
import { CardKeeper, sendKept } from './card-keeper';
import { mergeAnswer, typedKey, type LineConflict } from './kept-card';
import * as edit from './shape-card';

type GroundReader = (page: Pick<BenchPage, 'squad' | 'day' | 'forAthlete'>) => Promise<BenchGround>;

const fetchGround: GroundReader = async ({ squad, day, forAthlete }) => {
  const response = await fetch(`/api/bench/${squad.id}/${day}${forAthlete === null ? '' : `?for=${forAthlete}`}`);
  if (!response.ok) throw new Error('away');
  return (await response.json()) as BenchGround;
};

type KeepState = 'none' | 'keeping' | 'kept' | 'waiting' | 'refused' | 'conflict';

/** Seconds between tries while the server is away. */
const RETRY_S = 3;

/**
 * The Bench's working state: the card on screen, what it measures, and how it is kept. Actions are carried out one after
 * the other on the state the one before left, so that two quick ones are two changes; every change is solved in the
 * worker and kept line by line as it is made.
 */
export class BenchState {
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

  #solver: Solver | null = null;
  #ground: BenchGround | null = null;
  readonly #readGround: GroundReader;
  readonly #data: BenchPage;
  readonly #keeper: CardKeeper;
  #primer: boolean;
  #actions: Promise<void> = Promise.resolve();
  readonly #history: CardHistory;

  /** @param readGround fetches what the card is chosen from */
  constructor(data: BenchPage, readGround: GroundReader = fetchGround) {
    this.#data = data;
    this.#keeper = new CardKeeper(data);
    this.#primer = data.primer;
    this.#readGround = readGround;
    this.#history = new CardHistory(this.#keeper.id, typeof sessionStorage === 'undefined' ? null : sessionStorage);
    this.#tellSteps();
    this.phase = data.phase;
    this.minutes = data.minutes;
    this.facilityId = this.#keeper.facilityId;
    if (data.session) {
      this.card = data.session.card;
      this.view = data.session.view;
      this.assessment = data.session.assessment;
      this.views = data.session.views;
      this.keep = 'kept';
    }
    this.selected = this.#mainSlot();
  }

  get sessionId(): string {
    return this.#keeper.id;
  }

  /** Starts the worker; a card that is not there yet is made, one that is there is only measured for its swaps. */
  start(): Promise<void> {
    if (!this.#data.plans || this.#data.frozen) return Promise.resolve();
    this.#solver = startSolver();
    return this.#act(async () => {
      if (!(await this.#ready())) return;
      const { card } = this;
      if (card) await this.#look(card);
      else await this.#solve({}, [], true);
    });
  }

  /** Fetches what the card is chosen from, as long as it takes; the card that stands is on screen meanwhile. */
  async #ready(): Promise<boolean> {
    while (this.#solver) {
      try {
        this.#ground = await this.#readGround(this.#data);
        this.kept = this.#ground.kept;
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
    this.#solver?.close();
    this.#solver = null;
  }

  /** Chooses the card for the brief as it stands; the coach's own lines and doses stay. */
  solveAnew(keepRunning: boolean): Promise<void> {
    return this.#act(() => this.#solveOwn(keepRunning));
  }

  setMinutes(minutes: number): Promise<void> {
    this.minutes = minutes;
    // of several on the way only the last is worked out
    return this.#act(async () => {
      if (this.minutes === minutes) await this.#solveOwn(true);
    });
  }

  setPhase(phase: Phase): Promise<void> {
    this.phase = phase;
    return this.#act(async () => {
      if (this.phase === phase) await this.#solveOwn(true);
    });
  }

  /** Holds the session at another place: the page brings that place's kit and the lines follow. */
  setPlace(facilityId: string): Promise<void> {
    this.facilityId = facilityId;
    return this.#act(async () => {
      if (this.card) await this.#keepCard();
    });
  }

  /** On the day of an event: a primer, because the coach asks for one. */
  askPrimer(): Promise<void> {
    this.#primer = true;
    this.eventDay = false;
    return this.#act(() => this.#solveOwn(true));
  }

  /** Puts another entry into a slot; every other line stays as it is. */
  swap(slot: string, exerciseId: string): Promise<void> {
    return this.#act(async () => {
      const { card } = this;
      if (!card) return;
      const { block, group } = card.lines.find((line) => line.slot === slot) ?? { block: 'assist', group: null };
      const pins = {
        ...edit.pinAll(card.lines),
        [slot]: { exerciseId, dosed: null, typed: false, byCoach: true, at: { block, group } },
      };
      await this.#solve(
        pins,
        card.typed.filter((own) => own.slot !== slot),
        true,
      );
      this.#remember(card);
    });
  }

  /** Adds an entry as a line of the coach's own; the rest is chosen again round it. */
  add(exerciseId: string, family: Family): Promise<void> {
    return this.#reshape((card) => edit.adding(card, exerciseId, family, this.selected), null);
  }

  /** Takes a line off; its minutes go to what has most value left. */
  remove(slot: string): Promise<void> {
    return this.#reshape((card) => edit.removing(card, slot), slot);
  }

  /** Takes an entry off this card for good. */
  ban(exerciseId: string): Promise<void> {
    return this.#reshape((card) => edit.banning(card, exerciseId), null);
  }

  /** Moves a line before another, null = to the end; every other line stays as it is. */
  move(slot: string, before: string | null): Promise<void> {
    return this.#reshape((card) => edit.moving(card, slot, before), slot);
  }

  /** Moves a line one place up or down. */
  moveBy(slot: string, by: 1 | -1): Promise<void> {
    const lines = this.card?.lines ?? [];
    const at = lines.findIndex((line) => line.slot === slot);
    const to = by === -1 ? lines[at - 1] : lines[at + 2];
    if (at === -1 || (by === -1 && !to) || (by === 1 && at === lines.length - 1)) return Promise.resolve();
    return this.move(slot, to?.slot ?? null);
  }

  /** Has a line done in turn with the next one. */
  pair(slot: string): Promise<void> {
    return this.#reshape((card) => edit.pairing(card, slot), slot);
  }

  /** Has a line stand alone. */
  part(slot: string): Promise<void> {
    return this.#reshape((card) => edit.parting(card, slot), slot);
  }

  /** Keeps a line through choosing again, or leaves it to the rules. */
  hold(slot: string, held: boolean): Promise<void> {
    return this.#reshape((card) => edit.holding(card, slot, held), slot);
  }

  /** The coach's words on a line; empty = none. */
  note(slot: string, words: string): Promise<void> {
    const note = words.trim() || null;
    return this.#reshape((card) => edit.noting(card, slot, note), slot);
  }

  /** Keeps a line for one athlete, null = for everybody. */
  reserve(slot: string, athleteId: string | null): Promise<void> {
    return this.#reshape((card) => edit.reserving(card, slot, athleteId === null ? null : [athleteId]), slot);
  }

  /** Puts an entry on the card once more. */
  double(slot: string): Promise<void> {
    return this.#reshape((card) => edit.doubling(card, slot), null);
  }

  /** Starts the card anew from one that was kept. */
  startFrom({ lines, minutes }: KeptCard): Promise<void> {
    this.minutes = minutes;
    return this.#reshape(() => edit.startingFrom(lines), null);
  }

  /** Keeps this card's work under a name. @returns sentences for what stands against it; empty when it was kept */
  async keepAs(name: string): Promise<readonly string[]> {
    const { card } = this;
    if (!card) return [];
    return this.#sendKept('PUT', { name, minutes: this.minutes, lines: edit.keeping(card) });
  }

  /** Takes a kept card away. */
  dropKept(name: string): Promise<readonly string[]> {
    return this.#sendKept('DELETE', { name });
  }

  async #sendKept(method: 'PUT' | 'DELETE', body: object): Promise<readonly string[]> {
    const { kept, messages } = await sendKept(method, body);
    if (kept) this.kept = kept;
    return messages;
  }

  /** Takes the last change back. */
  undo(): Promise<void> {
    return this.#act(() => this.#goTo((now) => this.#history.undo(now)));
  }

  /** Makes it again. */
  redo(): Promise<void> {
    return this.#act(() => this.#goTo((now) => this.#history.redo(now)));
  }

  /** The whole library searched; what does not suit comes last and says why. */
  async offers(query: string): Promise<readonly Offer[]> {
    const brief = this.#brief({}, [], true);
    if (!brief || !this.#ground || !this.#solver) return [];
    return this.#solver.api.offer(query, brief, this.#ground.tables, this.#ground.entries);
  }

  #reshape(to: (card: Card) => (edit.Asked & { slot?: string }) | null, acted: string | null): Promise<void> {
    return this.#act(async () => {
      const { card } = this;
      const asked = card && to(card);
      if (!asked) return;
      await this.#solve(asked.pins, card.typed, true, true, asked.shape);
      this.#remember(card);
      if (asked.slot !== undefined && this.card?.lines.some(({ slot }) => slot === asked.slot))
        this.selected = asked.slot;
      this.#tellMoved(card, asked.slot ?? acted);
    });
  }

  /** What stood before a change can come back; what was refused changed nothing. */
  #remember(before: Card): void {
    if (this.card === before) return;
    this.#history.push(before);
    this.#tellSteps();
  }

  #tellSteps(): void {
    this.canUndo = this.#history.canUndo;
    this.canRedo = this.#history.canRedo;
  }

  #tellMoved(before: Card | null, acted: string | null): void {
    const { card } = this;
    this.moved = card ? edit.movedSince(before, card, acted) : [];
    this.gone = card && before ? edit.goneSince(before, card, acted) : [];
  }

  async #goTo(step: (now: Card) => Card | null): Promise<void> {
    const { card: now } = this;
    const to = now && step(now);
    this.#tellSteps();
    if (!to) return;
    this.card = to;
    this.minutes = to.minutes;
    this.phase = to.phase;
    this.#tellMoved(now, null);
    if (!to.lines.some(({ slot }) => slot === this.selected)) this.selected = this.#mainSlot();
    // what the coach sees is on its way to the server before anything is worked out for it
    await Promise.all([this.#keepCard(), this.#look(to)]);
  }

  /**
   * Reads a typed dose for the squad's line, or for the athlete on screen.
   * @returns sentences for what stands against it; empty when it was taken
   */
  async typeDose(slot: string, text: string, athleteId = this.shownAthlete): Promise<string[]> {
    let said: string[] = [];
    await this.#act(async () => {
      const { card } = this;
      const line = card?.lines.find((one) => one.slot === slot);
      const current = this.#doseOf(slot, athleteId);
      if (!card || !line || !current) return;
      const parsed = parseDose(text, current, this.#data.massUnit);
      if (!parsed.ok) {
        said = parsed.issues.map(sayIssue);
        return;
      }
      if (athleteId === null) await this.#typeForSquad(card, line, parsed.value);
      else await this.#typeForOne(card, line, athleteId, parsed.value);
      if (this.keep !== 'refused') return;
      said = [...this.messages];
      this.messages = [];
      this.keep = 'kept';
    });
    return said;
  }

  /** Gives one athlete less, another entry of the line, or an entry by name. */
  give(slot: string, athleteId: string, given: Given): Promise<void> {
    return this.#act(async () => {
      const { card } = this;
      const brief = card && this.#brief(edit.pinAll(card.lines), card.typed, true);
      if (!brief || !this.#ground || !this.#solver) return;
      const { tables, entries } = this.#ground;
      const own = await this.#solver.api.give(card, { slot, athleteId }, given, brief, tables, entries);
      if (own.ok) await this.#typeOwn(card, own.value);
      else this.messages = own.issues.map(sayIssue);
    });
  }

  /** Leaves a line out for one athlete. */
  leaveOut(slot: string, athleteId: string): Promise<void> {
    return this.#act(async () => {
      const { card } = this;
      const line = card?.lines.find((one) => one.slot === slot);
      if (card && line)
        await this.#typeOwn(card, { slot, athleteId, exerciseId: null, row: line.row, dose: line.dose });
    });
  }

  /** Leaves a line to the rules again for one athlete. */
  asRules(slot: string, athleteId: string): Promise<void> {
    return this.#act(async () => {
      const { card } = this;
      if (!card) return;
      const typed = card.typed.filter((own) => typedKey(own) !== typedKey({ slot, athleteId }));
      if (typed.length < card.typed.length) await this.#keepTyped(card, typed);
    });
  }

  /** The dose shown on a line: the squad's, or the shown athlete's. */
  doseOf(slot: string): Dose | null {
    return this.#doseOf(slot, this.shownAthlete);
  }

  /** Of a line that two coaches changed, mine after all: theirs was seen. */
  takeMine(slot: string): Promise<void> {
    return this.#settle(slot, (card, mine) => ({
      ...card,
      lines: !mine
        ? card.lines.filter((line) => line.slot !== slot)
        : card.lines.some((line) => line.slot === slot)
          ? card.lines.map((line) => (line.slot === slot ? mine : line))
          : [...card.lines, mine],
    }));
  }

  /** Theirs stands. */
  takeTheirs(slot: string): Promise<void> {
    return this.#settle(slot, (card) => card);
  }

  #settle(slot: string, to: (card: Card, mine: Line | null) => Card): Promise<void> {
    return this.#act(async () => {
      const conflict = this.conflicts.find((one) => one.slot === slot);
      if (!this.card || !conflict) return;
      this.conflicts = this.conflicts.filter((one) => one !== conflict);
      this.card = to(this.card, conflict.mine);
      await this.#remeasure();
      await this.#keepCard();
    });
  }

  async #typeForSquad(card: Card, line: Line, dose: Dose): Promise<void> {
    const pins = {
      ...edit.pinAll(card.lines),
      [line.slot]: {
        exerciseId: line.exerciseId,
        dosed: { row: line.row, dose, full: null },
        typed: true,
        byCoach: true,
        at: { block: line.block, group: line.group },
      },
    };
    await this.#solve(pins, card.typed, true);
    this.#remember(card);
  }

  async #typeForOne(card: Card, line: Line, athleteId: string, dose: Dose): Promise<void> {
    const own = this.view.find((one) => one.slot === line.slot && one.athleteId === athleteId);
    if (!own?.exerciseId) return;
    await this.#typeOwn(card, { slot: line.slot, athleteId, exerciseId: own.exerciseId, row: own.row, dose });
  }

  #typeOwn = (card: Card, typed: TypedLine): Promise<void> =>
    this.#keepTyped(card, [...card.typed.filter((one) => typedKey(one) !== typedKey(typed)), typed]);

  async #keepTyped(card: Card, typed: readonly TypedLine[]): Promise<void> {
    await this.#solve(edit.pinAll(card.lines), typed, true);
    this.#remember(card);
  }

  /** One action after the other; what goes wrong in one ends as a sentence and keeps no later one from its turn. */
  #act(work: () => Promise<void>): Promise<void> {
    const done = this.#actions.then(work).catch(() => {
      this.solving = false;
      this.messages = ['Something went wrong while choosing. Nothing was lost; try again, or reload the page.'];
      this.keep = this.card ? 'refused' : 'none';
    });
    this.#actions = done;
    return done;
  }

  #doseOf(slot: string, athleteId: string | null): Dose | null {
    if (athleteId === null) {
      const line = this.card?.lines.find((one) => one.slot === slot);
      return line ? squadDoseOf(line, this.view) : null;
    }
    const own = this.view.find((one) => one.slot === slot && one.athleteId === athleteId);
    return own?.exerciseId == null ? null : own.dose;
  }

  #mainSlot = (): string | null =>
    this.card?.lines.find((line) => line.slot === 'main')?.slot ?? this.card?.lines[0]?.slot ?? null;

  async #solveOwn(keepRunning: boolean): Promise<void> {
    const { card } = this;
    await this.#solve(edit.pinOwn(card?.lines ?? []), card?.typed ?? [], true, keepRunning);
    if (card) this.#remember(card);
  }

  #brief = (
    pins: Brief['pins'],
    typed: readonly TypedLine[],
    keepRunning: boolean,
    shape: CardShape = this.card?.shape ?? AS_TEMPLATE,
  ): Brief | null =>
    this.#ground && {
      ...this.#ground.brief,
      phase: this.phase,
      minutes: this.minutes,
      primer: this.#primer,
      pins,
      shape,
      typed,
      keepRunning,
    };

  async #solve(
    pins: Brief['pins'],
    typed: readonly TypedLine[],
    keeps: boolean,
    keepRunning = true,
    shape?: CardShape,
  ): Promise<void> {
    const brief = this.#brief(pins, typed, keepRunning, shape);
    if (!brief || !this.#ground || !this.#solver) return;
    this.solving = true;
    const result = await this.#solver.api.solve(brief, this.#ground.tables, this.#ground.entries);
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
    if (!card.lines.some((line) => line.slot === this.selected)) this.selected = this.#mainSlot();
    if (keeps) await this.#keepCard();
  }

  /** What a card that stands could be swapped for and how it measures; the card itself is left alone. */
  async #look(card: Card): Promise<void> {
    const brief = this.#brief(edit.pinAll(card.lines), card.typed, true, card.shape);
    if (!brief || !this.#ground || !this.#solver) return;
    this.solving = true;
    const result = await this.#solver.api.solve(brief, this.#ground.tables, this.#ground.entries);
    this.solving = false;
    if (result.ok) {
      this.swaps = result.value.swaps;
      this.views = { ...this.views, ...result.value.views };
    }
    await this.#remeasure();
  }

  /** Reads the card on screen anew after lines came in from elsewhere. */
  async #remeasure(): Promise<void> {
    const { card } = this;
    const brief = card && this.#brief({}, card.typed, true);
    if (!brief || !this.#ground || !this.#solver) return;
    const { tables, entries } = this.#ground;
    const { view, assessment } = await this.#solver.api.measure(card, brief, tables, entries);
    this.view = view;
    this.assessment = assessment;
  }

  async #keepCard(): Promise<void> {
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
      if (this.keep !== 'waiting' || !this.#solver) return;
      this.messages = [];
      void this.#act(() => this.#keepCard());
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
    this.keptAt = new Date().toTimeString().slice(0, 5);
    if (JSON.stringify(card) !== JSON.stringify(before)) await this.#remeasure();
  }
}

/** A line only held still is the line it was, with the reasons and substitutes it was put there with. */
function heldLine(line: Line, before: Line | undefined, pins: Brief['pins']): Line {
  const pin = pins[line.slot];
  const held = pin?.dosed != null && pin.dosed.dose === before?.dose && pin.exerciseId === before.exerciseId;
  // where it stands may be new
  const { block, group, pinned, note, only } = line;
  return held ? { ...before, block, group, pinned, note, only } : line;
}
