import { v7 } from 'uuid';
import type { Card } from '$core/session';
import type { KeptCard } from '$lib/model/bench-ground';
import type { CardAnswer, StoredCard } from '$lib/model/card';
import type { BenchPage } from './bench-page';
import { changesFrom, type Head } from './kept-card';

/** What became of a card that was sent. */
export type Sent =
  | { readonly state: 'same' | 'away' }
  | { readonly state: 'turned-away'; readonly isConflict: boolean; readonly messages: readonly string[] }
  | { readonly state: 'answered'; readonly answer: CardAnswer; readonly messages: readonly string[] };

/** A browser lets at most 64 kB outlive its page; four bytes a character at the worst. */
const KEEPALIVE_CHARACTERS = 16_000;

/** Keeps one card on the server: sends what differs from what is stored there, and knows what is stored since. */
export class CardKeeper {
  readonly id: string;
  #stored: StoredCard | null;
  readonly #of: Pick<BenchPage, 'squad' | 'forAthlete' | 'day'>;

  constructor(data: BenchPage) {
    this.#stored = data.session?.stored ?? null;
    this.id = this.#stored?.id ?? data.newId;
    this.#of = data;
  }

  get facilityId(): string | null {
    return this.#stored?.facilityId ?? null;
  }

  async send(card: Card, head: Head): Promise<Sent> {
    const changes = changesFrom(this.#stored, card, head);
    if (!changes) return { state: 'same' };
    const { squad, forAthlete, day } = this.#of;
    const body = JSON.stringify({ id: v7(), squadId: squad.id, athleteId: forAthlete, day, ...changes });
    try {
      const response = await fetch(`/api/sessions/${this.id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body,
        // a change made in the moment before leaving the page still arrives
        keepalive: body.length < KEEPALIVE_CHARACTERS,
      });
      if (response.status >= 500) throw new Error('away');
      const said = (await response.json()) as Partial<CardAnswer> & { messages?: string[]; conflict?: boolean };
      const messages = said.messages ?? [];
      if (!response.ok || !said.card || !said.lines || !said.typed)
        return {
          state: 'turned-away',
          isConflict: said.conflict ?? false,
          messages: said.messages ?? ['This could not be kept.'],
        };
      this.#stored = said.card;
      const answer = { head: said.head ?? null, lines: said.lines, typed: said.typed, card: said.card };
      return { state: 'answered', answer, messages };
    } catch {
      return { state: 'away' };
    }
  }
}

/** Keeps a card to start others from, or takes one away. @returns all that are kept, or why not */
export async function sendKept(
  method: 'PUT' | 'DELETE',
  body: object,
): Promise<{ readonly kept: readonly KeptCard[] | null; readonly messages: readonly string[] }> {
  try {
    const response = await fetch('/api/kept-cards', {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: v7(), ...body }),
    });
    if (response.status >= 500) throw new Error('away');
    const said = (await response.json()) as readonly KeptCard[] | { messages?: readonly string[] };
    if (Array.isArray(said)) return { kept: said as readonly KeptCard[], messages: [] };
    return { kept: null, messages: (said as { messages?: readonly string[] }).messages ?? ['This could not be kept.'] };
  } catch {
    return { kept: null, messages: ['The server does not answer. Try again in a moment.'] };
  }
}
