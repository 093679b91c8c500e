import type { Given, Offer } from '$core/choose';
import type { Dose } from '$core/dose';
import { parseDose } from '$core/exchange';
import type { Family, Phase } from '$core/library';
import type { Card, Line, TypedLine } from '$core/session';
import { sayIssue } from '$lib/messages';
import type { KeptCard } from '$lib/model/bench-ground';
import { BenchCard, STILL } from './bench-card.svelte';
import { sendKept } from './card-keeper';
import { typedKey } from './kept-card';
import * as edit from './shape-card';

/** Everything a coach does to the card on the Bench: two quick actions are two changes. */
export class BenchState extends BenchCard {
  /** Chooses the card for the brief as it stands; the coach's own lines and doses stay. */
  solveAnew(keepRunning: boolean): Promise<void> {
    return this.act(() => this.#solveOwn(keepRunning));
  }

  setMinutes(minutes: number): Promise<void> {
    this.minutes = minutes;
    // of several on the way only the last is worked out
    return this.act(async () => {
      if (this.minutes === minutes) await this.#solveOwn(true);
    });
  }

  setPhase(phase: Phase): Promise<void> {
    this.phase = phase;
    return this.act(async () => {
      if (this.phase === phase) await this.#solveOwn(true);
    });
  }

  /** Holds the session at another place: the page brings that place's kit and the lines follow. */
  setPlace(facilityId: string): Promise<void> {
    this.facilityId = facilityId;
    return this.act(async () => {
      if (this.card) await this.keepCard();
    });
  }

  /** On the day of an event: a primer, because the coach asks for one. */
  askPrimer(): Promise<void> {
    this.primer = true;
    this.eventDay = false;
    return this.act(() => this.#solveOwn(true));
  }

  /** Puts another entry into a slot; every other line stays as it is. */
  swap(slot: string, exerciseId: string): Promise<void> {
    return this.act(async () => {
      const { card } = this;
      if (!card) return;
      const typed = card.typed.filter((own) => own.slot !== slot);
      await this.solve(edit.swapping(card, slot, exerciseId), typed, STILL);
      this.remember(card);
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

  /** Has a line done in turn with the next one, or straight on into it. */
  pair(slot: string, kind: 'pair' | 'complex' = 'pair'): Promise<void> {
    return this.#reshape((card) => edit.pairing(card, slot, kind), slot);
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

  /** Lets a line stand over its gates for a written reason, for one athlete or everybody; null = the gates hold again (JUMP-2). */
  override(slot: string, over: edit.Override | null): Promise<void> {
    return this.#reshape((card) => edit.overriding(card, slot, over), slot);
  }

  /** Keeps a line for one athlete, null = for everybody. */
  reserve(slot: string, athleteId: string | null): Promise<void> {
    return this.#reshape((card) => edit.reserving(card, slot, athleteId === null ? null : [athleteId]), slot);
  }

  /** Puts an entry on the card once more. */
  double(slot: string): Promise<void> {
    return this.#reshape((card) => edit.doubling(card, slot), null);
  }

  /** Another kind of session, by name; null = as day and minutes say. @returns whether there is one for this day and squad */
  async setKind(kind: string | null): Promise<boolean> {
    await this.#reshape((card) => edit.ofKind(card, kind), null);
    return this.card?.shape.kind === kind;
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
    return this.act(() => this.#goTo((now) => this.history.undo(now)));
  }

  /** Makes it again. */
  redo(): Promise<void> {
    return this.act(() => this.#goTo((now) => this.history.redo(now)));
  }

  /** The whole library searched, as soon as it is there; what does not suit comes last and says why. */
  async offers(query: string): Promise<readonly Offer[]> {
    await this.grounded;
    const brief = this.brief({}, []);
    if (!brief || !this.ground || !this.solver) return [];
    return this.solver.api.offer(query, brief, this.ground.tables, this.ground.entries);
  }

  #reshape(to: (card: Card) => (edit.Asked & { slot?: string }) | null, acted: string | null): Promise<void> {
    return this.act(async () => {
      const { card } = this;
      const asked = card && to(card);
      if (!asked) return;
      await this.solve(asked.pins, card.typed, asked);
      this.remember(card);
      if (asked.slot !== undefined && this.card?.lines.some(({ slot }) => slot === asked.slot))
        this.selected = asked.slot;
      this.tellMoved(card, asked.slot ?? acted);
    });
  }

  async #goTo(step: (now: Card) => Card | null): Promise<void> {
    const { card: now } = this;
    const to = now && step(now);
    this.tellSteps();
    if (!to) return;
    this.card = to;
    this.minutes = to.minutes;
    this.phase = to.phase;
    this.tellMoved(now, null);
    if (!to.lines.some(({ slot }) => slot === this.selected)) this.selected = this.mainSlot();
    // what the coach sees is on its way to the server before anything is worked out for it
    await Promise.all([this.keepCard(), this.look(to)]);
  }

  /**
   * Reads a typed dose for the squad's line, or for the athlete on screen.
   * @returns sentences for what stands against it; empty when it was taken
   */
  async typeDose(slot: string, text: string, athleteId = this.shownAthlete): Promise<string[]> {
    let said: string[] = [];
    await this.act(async () => {
      const { card } = this;
      const line = card?.lines.find((one) => one.slot === slot);
      const current = this.doseAt(slot, athleteId);
      if (!card || !line || !current) return;
      const parsed = parseDose(text, current, this.data.massUnit);
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
    return this.act(async () => {
      const { card } = this;
      const brief = card && this.brief(edit.pinAll(card.lines), card.typed);
      if (!brief || !this.ground || !this.solver) return;
      const { tables, entries } = this.ground;
      const own = await this.solver.api.give(card, { slot, athleteId }, given, brief, tables, entries);
      if (own.ok) await this.#typeOwn(card, own.value);
      else this.messages = own.issues.map(sayIssue);
    });
  }

  /** Leaves a line out for one athlete. */
  leaveOut(slot: string, athleteId: string): Promise<void> {
    return this.act(async () => {
      const { card } = this;
      const line = card?.lines.find((one) => one.slot === slot);
      if (card && line)
        await this.#typeOwn(card, { slot, athleteId, exerciseId: null, row: line.row, dose: line.dose });
    });
  }

  /** Leaves a line to the rules again for one athlete. */
  asRules(slot: string, athleteId: string): Promise<void> {
    return this.act(async () => {
      const { card } = this;
      if (!card) return;
      const typed = card.typed.filter((own) => typedKey(own) !== typedKey({ slot, athleteId }));
      if (typed.length < card.typed.length) await this.#keepTyped(card, typed);
    });
  }

  /** The dose shown on a line: the squad's, or the shown athlete's. */
  doseOf(slot: string): Dose | null {
    return this.doseAt(slot, this.shownAthlete);
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
    return this.act(async () => {
      const conflict = this.conflicts.find((one) => one.slot === slot);
      if (!this.card || !conflict) return;
      this.conflicts = this.conflicts.filter((one) => one !== conflict);
      this.card = to(this.card, conflict.mine);
      await this.remeasure();
      await this.keepCard();
    });
  }

  async #typeForSquad(card: Card, line: Line, dose: Dose): Promise<void> {
    await this.solve(edit.dosing(card, line.slot, dose), card.typed, STILL);
    this.remember(card);
  }

  async #typeForOne(card: Card, line: Line, athleteId: string, dose: Dose): Promise<void> {
    const own = this.view.find((one) => one.slot === line.slot && one.athleteId === athleteId);
    if (!own?.exerciseId) return;
    await this.#typeOwn(card, { slot: line.slot, athleteId, exerciseId: own.exerciseId, row: own.row, dose });
  }

  #typeOwn = (card: Card, typed: TypedLine): Promise<void> =>
    this.#keepTyped(card, [...card.typed.filter((one) => typedKey(one) !== typedKey(typed)), typed]);

  async #keepTyped(card: Card, typed: readonly TypedLine[]): Promise<void> {
    await this.solve(edit.pinAll(card.lines), typed, STILL);
    this.remember(card);
  }

  async #solveOwn(keepRunning: boolean): Promise<void> {
    const { card } = this;
    await this.solve(edit.pinOwn(card?.lines ?? []), card?.typed ?? [], { keepRunning });
    if (card) this.remember(card);
  }
}
