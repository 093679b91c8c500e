import { heightFromFlight, reactiveStrength, repeatedJumps, valueOf, type CellValue } from '$core/testing';
import type { MatJump } from '../measure/mat-listener.svelte';
import type { GridState } from './grid-state.svelte';

/** Tests the mat can measure, and how a jump becomes a trial. */
const BY_HEIGHT = ['cmj', 'sj'];
const BY_CONTACT = ['drop-rsi'];
const REPEATED = 'rsi-10-5';
const SET = 10;
const MOST_TRIALS = 6;

/**
 * Writes what lands on the mat into the chosen cell: a height or an index is a trial of its own, ten repeated jumps make
 * one. A jump with a lost line in it is said, not written.
 */
export class MatFeed {
  readonly #grid: GridState;
  #set: MatJump[] = [];

  constructor(grid: GridState) {
    this.#grid = grid;
  }

  /** @returns what became of the jump, in a few words */
  async landed(jump: MatJump): Promise<string> {
    const grid = this.#grid;
    const athlete = grid.page.athletes[grid.row];
    const column = grid.columns[grid.col];
    if (!athlete || !column) return '';
    const { id } = column.spec;
    if (jump.doubtful) {
      this.#set = [];
      return 'A line of the mat was lost in this jump: not written. Jump again.';
    }
    if (BY_HEIGHT.includes(id)) {
      const height = heightFromFlight(jump.flightS);
      return height.ok ? this.#trial(athlete.id, height.value) : '';
    }
    if (BY_CONTACT.includes(id) && jump.contactS !== null) {
      const read = reactiveStrength(jump.flightS, jump.contactS);
      return read.ok ? this.#trial(athlete.id, read.value.heightOverContact) : '';
    }
    if (id !== REPEATED) return 'Choose a cell of CMJ, squat jump, drop RSI or 10–5 to write into.';
    // the first flight of a set has no contact of its own before it
    if (jump.contactS === null || jump.contactS > 0.6) this.#set = [];
    else this.#set.push(jump);
    if (this.#set.length < SET - 1) return `${String(this.#set.length + 1)} of ${String(SET)} jumps`;
    const read = repeatedJumps(this.#set.map(({ flightS, contactS }) => ({ flightS, contactS: contactS ?? 0 })));
    this.#set = [];
    if (!read.ok) return '';
    const drop = read.value.dropOff === null ? '' : `, drop-off ${String(Math.round(read.value.dropOff * 100))} %`;
    return `${await this.#trial(athlete.id, read.value.rsi)}${drop}`;
  }

  async #trial(athleteId: string, value: number): Promise<string> {
    const grid = this.#grid;
    const column = grid.columns[grid.col];
    if (!column) return '';
    const { view } = grid.cell(athleteId, column.spec.id, column.side);
    const before = view === null || view.value === null ? [] : (view.trials ?? [view.value]);
    const rounded = Math.round(value * 1e4) / 1e4;
    const trials = [...before, rounded].slice(-MOST_TRIALS);
    const cell: CellValue = {
      value: valueOf(column.spec, trials),
      trials: trials.length > 1 ? trials : null,
      joints: null,
      loadKg: null,
      reps: null,
      rir: null,
    };
    await grid.take(athleteId, column, cell, 'mat');
    return `${(rounded * column.spec.per).toFixed(column.spec.decimals)} ${column.spec.unit}, trial ${String(trials.length)}`;
  }
}
