import type { Card } from '$core/session';

/** Steps that can be taken back. */
export const MOST_STEPS = 200;

interface Store {
  getItem: (key: string) => string | null;
  setItem: (key: string, value: string) => void;
}

/** Where on the tape the card that stands belongs, and how far the tape reaches either way. */
interface Place {
  readonly from: number;
  readonly at: number;
  readonly to: number;
}
const START: Place = { from: 0, at: 0, to: 0 };

/**
 * What was on a card before each change of this sitting, and what was taken back; it outlives a reload. A tape: the card
 * that stands is at its place, older ones before it, those taken back after it; a step writes one card, not all of them.
 */
export class CardHistory {
  #place: Place;
  /** the tape in memory, for a store that is full or is not there */
  readonly #tape = new Map<number, string>();
  readonly #key: string;
  readonly #store: Store | null;

  /** @param store of the browser's sitting; null = none, steps end with the page */
  constructor(sessionId: string, store: Store | null) {
    this.#key = `bench-steps ${sessionId}`;
    this.#store = store;
    this.#place = readPlace(store, this.#key);
  }

  get canUndo(): boolean {
    return this.#place.at > this.#place.from;
  }

  get canRedo(): boolean {
    return this.#place.at < this.#place.to;
  }

  /** A change was made: what stood before it can come back. */
  push(card: Card): void {
    const { from, at } = this.#place;
    this.#write(at, card);
    this.#move({ from: Math.max(from, at + 1 - MOST_STEPS), at: at + 1, to: at + 1 });
  }

  /** @returns the card before the last change; null when there is none */
  undo(now: Card): Card | null {
    return this.canUndo ? this.#step(now, -1) : null;
  }

  /** @returns the card that was taken back last; null when there is none */
  redo(now: Card): Card | null {
    return this.canRedo ? this.#step(now, 1) : null;
  }

  #step(now: Card, by: 1 | -1): Card | null {
    const { at } = this.#place;
    const to = this.#read(at + by);
    if (!to) return null;
    this.#write(at, now);
    this.#move({ ...this.#place, at: at + by });
    return to;
  }

  #move(place: Place): void {
    this.#place = place;
    this.#keep(this.#key, JSON.stringify(place));
  }

  #write(at: number, card: Card): void {
    const text = JSON.stringify(card);
    // the tape is as long as the steps: an old place is written over
    this.#tape.set(at % (MOST_STEPS + 1), text);
    this.#keep(this.#keyOf(at), text);
  }

  #read(at: number): Card | null {
    try {
      const text = this.#tape.get(at % (MOST_STEPS + 1)) ?? this.#store?.getItem(this.#keyOf(at));
      return text ? (JSON.parse(text) as Card) : null;
    } catch {
      return null;
    }
  }

  #keyOf = (at: number): string => `${this.#key} ${String(at % (MOST_STEPS + 1))}`;

  #keep(key: string, text: string): void {
    try {
      this.#store?.setItem(key, text);
    } catch {
      // a full store only means that a reload forgets the steps
    }
  }
}

function readPlace(store: Store | null, key: string): Place {
  try {
    const text = store?.getItem(key);
    return { ...START, ...(text ? (JSON.parse(text) as Partial<Place>) : {}) };
  } catch {
    return START;
  }
}
