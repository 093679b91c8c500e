import { SvelteMap } from 'svelte/reactivity';
import { readSquad, withEstimates, type StartReading } from '$core/startline';
import {
  assumedNoise,
  checkAge,
  checkValue,
  numbersOf,
  outcomeOf,
  readCell,
  type CellValue,
  type RecordSide,
  type TestRecord,
  type TestSpec,
} from '$core/testing';
import { sayIssue } from '$lib/messages';
import { cellKey, type CellAnswer, type CellBody, type CellView } from '$lib/model/results';
import type { GridPage } from '$lib/model/start-line';
import { network } from '../outbox/network.svelte';
import { post, Queue, QUEUES, type Delivered } from '../outbox/queue.svelte';
import { massOf, specIn, typedCell, type UnitSystem } from './units';

/** Seconds between looks at what other stations wrote. */
const LOOK_S = 2;

export interface GridColumn {
  readonly spec: TestSpec;
  readonly side: RecordSide;
}

/** A cell on screen: what stands, and what is open about it. */
export interface GridCell {
  readonly view: CellView | null;
  /** typed and not with the server yet */
  readonly waiting: boolean;
  /** refused here or there: what was typed stays, and why */
  readonly trouble: { readonly typed: string; readonly message: string } | null;
  /** somebody else changed it first: what this station had typed */
  readonly mine: CellBody | null;
}

/** Something only the coach can settle. */
export interface OpenQuestion {
  readonly kind: 'asks' | 'refused' | 'conflict';
  readonly athleteId: string;
  readonly column: GridColumn;
  readonly cell: GridCell;
}

const EMPTY: GridCell = { view: null, waiting: false, trouble: null, mine: null };
const NOTHING: CellValue = { value: null, trials: null, joints: null, loadKg: null, reps: null, rir: null };

/** A testing day: what is typed, checked as it lands, kept in the browser first, and read at once. */
export class GridState {
  readonly page: GridPage;
  readonly columns: readonly GridColumn[];
  readonly specs: ReadonlyMap<string, TestSpec>;
  readonly cells = new SvelteMap<string, GridCell>();
  row = $state(0);
  col = $state(0);
  /** text being typed in the chosen cell; null = not typing */
  typing = $state<string | null>(null);
  system = $state<UnitSystem>('metric');
  /** stations other than this one that wrote lately, by name */
  others = $state.raw<readonly string[]>([]);
  pasted = $state('');

  /** versions this station wrote itself */
  readonly #own = new Map<string, number>();
  #since: string;
  #timer: ReturnType<typeof setInterval> | null = null;
  readonly queue = new Queue<CellBody>({
    database: QUEUES.cells,
    store: 'cells',
    batch: 200,
    keyOf: (cell) => `${cellKey(cell)} ${cell.day}`,
    stamp: (cell) => JSON.stringify(cell),
    send: async (cells) => {
      // a cell typed again while its first value was on the way follows our own write, not somebody else's
      const bodies = cells.map((cell) => ({ ...cell, seen: Math.max(cell.seen, this.#own.get(cellKey(cell)) ?? 0) }));
      const response = await post('/api/results', { cells: bodies });
      const body = (await response.json()) as { answers?: CellAnswer[]; messages?: string[] };
      return cells.map((cell, i): Delivered => {
        const answer = body.answers?.[i] ?? null;
        this.#settle(cell, answer, body.messages ?? []);
        // kept here until the coach has settled it, also when the page is closed before
        return answer?.state === 'kept' ? { state: 'kept' } : { state: 'parked', why: JSON.stringify(answer) };
      });
    },
  });

  constructor(page: GridPage, system: UnitSystem) {
    this.page = page;
    this.system = system;
    this.specs = new Map(page.specs.map((spec) => [spec.id, spec]));
    this.columns = page.tests.flatMap((id) => {
      const spec = this.specs.get(id);
      if (!spec) return [];
      return (spec.sides ? (['left', 'right'] as const) : (['both'] as const)).map((side) => ({ spec, side }));
    });
    for (const view of page.cells) this.cells.set(cellKey(view), { ...EMPTY, view });
    this.#since = page.at;
  }

  /** Opens the notebook: what was typed here and never arrived is shown and sent. */
  async start(owner: string): Promise<void> {
    this.queue.open(owner);
    for (const { item, why } of await this.queue.laidAside())
      if (item.day === this.page.day) this.#settle(item, answerOf(why), []);
    for (const cell of await this.queue.pending()) if (cell.day === this.page.day) this.#show(cell, true);
    this.#timer = setInterval(() => void this.look(), LOOK_S * 1000);
  }

  stop(): void {
    if (this.#timer) clearInterval(this.#timer);
    this.queue.close();
  }

  readonly readings: ReadonlyMap<string, StartReading> = $derived.by(() => {
    const { athletes, today, cuts, targets, settings, noise } = this.page;
    return readSquad(
      athletes.map((athlete) => ({
        id: athlete.id,
        sex: athlete.sex,
        today,
        cuts,
        targets,
        bodyMassKg: athlete.bodyMassKg,
        squatEnough: athlete.squatEnough,
        ageYears: athlete.ageYears,
        complaints: athlete.complaints,
        leans: athlete.leans,
        records: this.recordsOf(athlete.id),
        noise: (spec, value) => noise[spec.id] ?? assumedNoise(spec.assumed, value),
      })),
      this.specs,
      settings,
    );
  });

  /** What is known of an athlete: the day's cells over what came before. */
  recordsOf(athleteId: string): TestRecord[] {
    const today: TestRecord[] = [];
    for (const { spec, side } of this.columns) {
      const view = this.cell(athleteId, spec.id, side).view;
      if (view) today.push(view);
    }
    const last = this.page.athletes.find(({ id }) => id === athleteId)?.last ?? [];
    return [...last, ...withEstimates(today, this.page.loading)];
  }

  cell(athleteId: string, test: string, side: RecordSide): GridCell {
    return this.cells.get(cellKey({ athleteId, test, side })) ?? EMPTY;
  }

  get filled(): number {
    return [...this.cells.values()].filter(({ view }) => view && (view.value !== null || view.loadKg !== null)).length;
  }

  /** The first thing that waits for the coach; the chosen cell's comes first. */
  get question(): OpenQuestion | null {
    const here = this.#questionAt(this.row, this.col);
    if (here) return here;
    for (let row = 0; row < this.page.athletes.length; row++)
      for (let col = 0; col < this.columns.length; col++) {
        const found = this.#questionAt(row, col);
        if (found) return found;
      }
    return null;
  }

  #questionAt(row: number, col: number): OpenQuestion | null {
    const athlete = this.page.athletes[row];
    const column = this.columns[col];
    if (!athlete || !column) return null;
    const cell = this.cell(athlete.id, column.spec.id, column.side);
    const kind = cell.mine ? 'conflict' : cell.trouble ? 'refused' : cell.view?.asks ? 'asks' : null;
    return kind && { kind, athleteId: athlete.id, column, cell };
  }

  /** The last value before this day, of a cell's athlete and test. */
  lastOf(athleteId: string, { spec, side }: GridColumn): { value: number; day: string } | null {
    const own = (this.page.athletes.find(({ id }) => id === athleteId)?.last ?? []).filter(
      ({ test }) => test === spec.id,
    );
    const found = outcomeOf(spec, own, this.page.day).sides[side];
    return found ? { value: found.value, day: found.day } : null;
  }

  /** Where a value of a cell is likely to lie; null when nothing came before. */
  likelyOf(athleteId: string, column: GridColumn): readonly [number, number] | null {
    const last = this.lastOf(athleteId, column);
    if (!last) return null;
    const noise = this.page.noise[column.spec.id] ?? assumedNoise(column.spec.assumed, last.value);
    const checked = checkValue(column.spec, last.value, last.value, noise);
    return checked.ok ? checked.value.likely : null;
  }

  move(rows: number, cols: number): void {
    this.row = Math.min(Math.max(this.row + rows, 0), this.page.athletes.length - 1);
    this.col = Math.min(Math.max(this.col + cols, 0), this.columns.length - 1);
  }

  /** To the other side of the same test. */
  otherSide(): void {
    const side = this.columns[this.col]?.side;
    if (side === 'left') this.col += 1;
    else if (side === 'right') this.col -= 1;
  }

  /** Text for the chosen cell as it would be typed again. */
  textAt(row: number, col: number): string {
    const athlete = this.page.athletes[row];
    const column = this.columns[col];
    if (!athlete || !column) return '';
    const cell = this.cell(athlete.id, column.spec.id, column.side);
    return cell.trouble?.typed ?? (cell.view ? typedCell(cell.view, column.spec, this.system) : '');
  }

  /** Takes what was typed in the chosen cell. */
  async commit(): Promise<void> {
    const { typing } = this;
    this.typing = null;
    if (typing === null || typing === this.textAt(this.row, this.col)) return;
    await this.write([{ row: this.row, col: this.col, text: typing }], 'typed');
  }

  /** Takes a block from a spreadsheet, its corner on the chosen cell. */
  async paste(text: string): Promise<void> {
    const lines = text.replace(/\r/g, '').replace(/\n+$/, '').split('\n');
    const block = lines.flatMap((line, i) =>
      line.split('\t').map((cell, j) => ({ row: this.row + i, col: this.col + j, text: cell })),
    );
    const fits = block.filter(({ row, col }) => row < this.page.athletes.length && col < this.columns.length);
    await this.write(
      fits.filter(({ text: typed }) => typed.trim() !== ''),
      'paste',
    );
    const out = block.length - fits.length;
    this.pasted = `${String(fits.length)} cells pasted${out > 0 ? `, ${String(out)} lay outside the grid` : ''}.`;
  }

  async write(
    entries: readonly { row: number; col: number; text: string }[],
    source: CellBody['source'],
    sure = false,
  ): Promise<void> {
    const bodies: CellBody[] = [];
    for (const { row, col, text } of entries) {
      const athlete = this.page.athletes[row];
      const column = this.columns[col];
      if (!athlete || !column) continue;
      const read = this.#read(athlete.id, column, text);
      const key = cellKey({ athleteId: athlete.id, test: column.spec.id, side: column.side });
      if (typeof read === 'string') {
        this.cells.set(key, {
          ...this.cell(athlete.id, column.spec.id, column.side),
          trouble: { typed: text, message: read },
        });
        continue;
      }
      bodies.push(this.#body(athlete.id, column, read, source, sure));
    }
    for (const body of bodies) this.#show(body, true);
    await this.#put(bodies);
  }

  /** A value from a device or another tool, in the stored unit. */
  async take(athleteId: string, column: GridColumn, value: CellValue, source: CellBody['source']): Promise<void> {
    const body = this.#body(athleteId, column, value, source, false);
    this.#show(body, true);
    await this.#put([body]);
  }

  /** The coach says an unlikely value is right. */
  async keepAsked({ athleteId, column, cell }: OpenQuestion): Promise<void> {
    if (!cell.view) return;
    const body = this.#body(athleteId, column, cell.view, 'typed', true);
    this.#show(body, true);
    await this.#put([body]);
  }

  /** Takes a value back: not tested. */
  async clear(athleteId: string, column: GridColumn): Promise<void> {
    const { view } = this.cell(athleteId, column.spec.id, column.side);
    const key = cellKey({ athleteId, test: column.spec.id, side: column.side });
    this.cells.set(key, { ...EMPTY, view });
    await this.queue.dropWhere((item) => cellKey(item) === key && item.day === this.page.day);
    if (!view || (view.value === null && view.loadKg === null)) return;
    const body = this.#body(athleteId, column, NOTHING, 'typed', true);
    this.#show(body, true);
    await this.#put([body]);
  }

  /** Settles two stations that typed the same cell. */
  async resolve({ athleteId, column, cell }: OpenQuestion, which: 'mine' | 'theirs'): Promise<void> {
    const key = cellKey({ athleteId, test: column.spec.id, side: column.side });
    this.cells.set(key, { ...EMPTY, view: cell.view });
    await this.queue.dropWhere((item) => cellKey(item) === key && item.day === this.page.day);
    if (which === 'theirs' || !cell.mine) return;
    const body = { ...cell.mine, seen: cell.view?.version ?? 0 };
    this.#show(body, true);
    await this.#put([body]);
  }

  /** Sends values; what was laid aside of the same cells is settled by them. */
  async #put(bodies: readonly CellBody[]): Promise<void> {
    if (bodies.length === 0) return;
    const keys = new Set(bodies.map(cellKey));
    const settled = this.queue.dropWhere((item) => keys.has(cellKey(item)) && item.day === this.page.day);
    await Promise.all([settled, this.queue.put(bodies)]);
  }

  /** Fetches what other stations wrote. */
  async look(): Promise<void> {
    try {
      const { squadId, day } = this.page;
      const response = await network.fetch(
        `/api/results?squad=${squadId}&day=${day}&since=${encodeURIComponent(this.#since)}`,
      );
      if (!response.ok) return;
      const body = (await response.json()) as { cells: CellView[]; at: string };
      this.#since = body.at;
      for (const view of body.cells) {
        const current = this.cells.get(cellKey(view)) ?? EMPTY;
        if (current.waiting || current.mine || (current.view?.version ?? 0) >= view.version) continue;
        this.cells.set(cellKey(view), { ...current, view });
        if (view.by && !this.others.includes(view.by)) this.others = [...this.others, view.by];
      }
    } catch {
      // the server is away: the queue says so
    }
  }

  /** What was typed in stored units, or why it cannot stand. */
  #read(athleteId: string, column: GridColumn, text: string): CellValue | string {
    const bare = text.trim();
    if (bare === '' || bare === '-' || bare === '–') return NOTHING;
    const spec = specIn(column.spec, this.system);
    const read = readCell(spec, bare, massOf(this.system));
    if (!read.ok) return read.issues.map(sayIssue).join(' ');
    const athlete = this.page.athletes.find(({ id }) => id === athleteId);
    const { youngUnder, youngReps } = this.page.settings;
    const allowed = checkAge(spec, read.value, athlete?.ageYears ?? null, {
      underYears: youngUnder,
      leastReps: youngReps,
    });
    if (!allowed.ok) return allowed.issues.map(sayIssue).join(' ');
    for (const value of numbersOf(read.value)) {
      const checked = checkValue(spec, value, null, assumedNoise(spec.assumed, value));
      if (!checked.ok) return checked.issues.map(sayIssue).join(' ');
    }
    return read.value;
  }

  #body(
    athleteId: string,
    { spec, side }: GridColumn,
    value: CellValue,
    source: CellBody['source'],
    sure: boolean,
  ): CellBody {
    const { view } = this.cell(athleteId, spec.id, side);
    return {
      athleteId,
      test: spec.id,
      day: this.page.day,
      side,
      value: value.value,
      trials: value.trials ? [...value.trials] : null,
      joints: value.joints ? [...value.joints] : null,
      loadKg: value.loadKg,
      reps: value.reps,
      rir: value.rir,
      seen: view?.version ?? 0,
      sure,
      source,
    };
  }

  /** Shows a value before the server has it; an unlikely one asks at once. */
  #show(body: CellBody, waiting: boolean): void {
    const spec = this.specs.get(body.test);
    if (!spec) return;
    const column = { spec, side: body.side };
    const estimate = withEstimates([{ ...body, asks: false }], this.page.loading)[0]?.value ?? null;
    const likely = this.likelyOf(body.athleteId, column);
    const asks = !body.sure && estimate !== null && likely !== null && (estimate < likely[0] || estimate > likely[1]);
    this.cells.set(cellKey(body), {
      ...EMPTY,
      waiting,
      view: { ...body, asks, by: null, version: body.seen, changedAt: '' },
    });
  }

  #settle(sent: CellBody, answer: CellAnswer | null, messages: readonly string[]): void {
    const key = cellKey(sent);
    const current = this.cells.get(key) ?? EMPTY;
    if (answer?.state === 'kept' && answer.cell) this.#own.set(key, answer.cell.version);
    if (!answer || answer.state === 'refused') {
      const spec = this.specs.get(sent.test);
      const typed = spec ? typedCell(sent, spec, this.system) : '';
      const message = answer?.message ?? (messages.join(' ') || 'The server did not take this.');
      this.cells.set(key, { ...EMPTY, trouble: { typed, message } });
    } else if (answer.state === 'conflict') {
      this.cells.set(key, { ...EMPTY, view: answer.cell, mine: sent });
    } else if (!current.view || sameValue(current.view, sent)) {
      this.cells.set(key, { ...EMPTY, view: answer.cell });
    }
  }
}

/** The server's answer to a cell laid aside, as it was kept with it; null when it is none. */
function answerOf(why: string): CellAnswer | null {
  try {
    return JSON.parse(why) as CellAnswer | null;
  } catch {
    return null;
  }
}

/** Whether what is on screen is what was sent; a newer value typed meanwhile stays on screen. */
const sameValue = (view: CellView, sent: CellBody): boolean =>
  view.value === sent.value && view.loadKg === sent.loadKg && view.reps === sent.reps && view.rir === sent.rir;
