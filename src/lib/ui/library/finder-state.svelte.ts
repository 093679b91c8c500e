import { findEntries, type Family, type FinderFilter, type Level, type Tier } from '$core/library';
import type { LibraryRow } from '$lib/model/library';

export interface KitChoice {
  readonly id: string;
  readonly name: string;
  readonly equipment: readonly string[];
  readonly lane: boolean;
}

/** A floor and a wall are everywhere: a typed kit need not name them. */
const EVERYWHERE = ['mat', 'wall'];
/** Rows drawn at first, and added by *more*: the rest waits. */
const PAGE = 60;

/** What is typed and ticked in the Library, and what it finds. */
export class FinderState {
  query = $state('');
  families = $state<Family[]>([]);
  kitId = $state('');
  kitText = $state('');
  level = $state<Level | ''>('');
  tier = $state<Tier | ''>('');
  ladder = $state('');
  demand = $state('');
  gentle = $state('');
  groupable = $state(false);
  own = $state(false);
  shown = $state(PAGE);

  readonly #entries: () => readonly LibraryRow[];
  readonly #kits: () => readonly KitChoice[];
  readonly #equipment: () => readonly string[];

  constructor(
    entries: () => readonly LibraryRow[],
    kits: () => readonly KitChoice[],
    equipment: () => readonly string[],
  ) {
    this.#entries = entries;
    this.#kits = kits;
    this.#equipment = equipment;
  }

  /** Words of the typed kit that name no equipment. */
  get unknownKit(): readonly string[] {
    return this.#typedKit.filter((word) => !this.#match(word));
  }

  get filter(): FinderFilter {
    return {
      families: this.families,
      kit: this.#kit,
      level: this.level || null,
      tier: this.tier || null,
      ladder: this.ladder || null,
      demand: this.demand || null,
      gentle: this.gentle || null,
      groupable: this.groupable,
      own: this.own,
    };
  }

  readonly found = $derived.by(() => findEntries(this.#entries(), this.query, this.filter));

  more(): void {
    this.shown += PAGE;
  }

  clear(): void {
    this.query = '';
    this.families = [];
    this.kitId = '';
    this.kitText = '';
    this.level = '';
    this.tier = '';
    this.ladder = '';
    this.demand = '';
    this.gentle = '';
    this.groupable = false;
    this.own = false;
  }

  get #typedKit(): string[] {
    return this.kitText
      .toLowerCase()
      .split(/\s*[,;+]\s*|\s+and\s+|\s+/)
      .map((word) => word.trim())
      .filter((word) => word !== '' && !/^\d+$/.test(word));
  }

  /** A typed word as equipment: singular or plural, its beginning is enough. */
  #match(word: string): string | undefined {
    const single = word.replace(/(e?s)$/, '');
    return (
      this.#equipment().find((item) => item === word) ??
      this.#equipment().find((item) => item.startsWith(single) && single.length > 2)
    );
  }

  get #kit(): FinderFilter['kit'] {
    const typed = this.#typedKit;
    if (typed.length > 0) {
      const named = typed.flatMap((word) => this.#match(word) ?? []);
      return { equipment: [...EVERYWHERE, ...named], lane: true };
    }
    const place = this.#kits().find(({ id }) => id === this.kitId);
    return place ? { equipment: place.equipment, lane: place.lane } : null;
  }
}
