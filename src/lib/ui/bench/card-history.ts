import type { Card } from '$core/session';

/** Steps that can be taken back. */
export const MOST_STEPS = 200;

interface Store {
  getItem: (key: string) => string | null;
  setItem: (key: string, value: string) => void;
}

interface Steps {
  readonly before: readonly Card[];
  readonly after: readonly Card[];
}
const NONE: Steps = { before: [], after: [] };

/** What was on a card before each change of this sitting, and what was taken back; it outlives a reload. */
export class CardHistory {
  #steps: Steps;
  readonly #key: string;
  readonly #store: Store | null;

  /** @param store of the browser's sitting; null = none, steps end with the page */
  constructor(sessionId: string, store: Store | null) {
    this.#key = `bench-steps ${sessionId}`;
    this.#store = store;
    this.#steps = read(store, this.#key);
  }

  get canUndo(): boolean {
    return this.#steps.before.length > 0;
  }

  get canRedo(): boolean {
    return this.#steps.after.length > 0;
  }

  /** A change was made: what stood before it can come back. */
  push(card: Card): void {
    this.#keep({ before: [...this.#steps.before, card].slice(-MOST_STEPS), after: [] });
  }

  /** @returns the card before the last change; null when there is none */
  undo(now: Card): Card | null {
    const last = this.#steps.before.at(-1);
    if (!last) return null;
    this.#keep({ before: this.#steps.before.slice(0, -1), after: [...this.#steps.after, now] });
    return last;
  }

  /** @returns the card that was taken back last; null when there is none */
  redo(now: Card): Card | null {
    const last = this.#steps.after.at(-1);
    if (!last) return null;
    this.#keep({ before: [...this.#steps.before, now], after: this.#steps.after.slice(0, -1) });
    return last;
  }

  #keep(steps: Steps): void {
    this.#steps = steps;
    try {
      this.#store?.setItem(this.#key, JSON.stringify(steps));
    } catch {
      // a full store only means that a reload forgets the steps
    }
  }
}

function read(store: Store | null, key: string): Steps {
  try {
    const text = store?.getItem(key);
    const found = text ? (JSON.parse(text) as Partial<Steps>) : {};
    return { before: found.before ?? [], after: found.after ?? [] };
  } catch {
    return NONE;
  }
}
