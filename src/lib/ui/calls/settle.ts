import { v7 } from 'uuid';
import { invalidateAll } from '$app/navigation';
import type { CallChange } from '$lib/model/call';

/** The same buttons pressed twice are one decision: an id lives as long as what it decides reads the same. */
const ids = new Map<string, string>();

/**
 * Sends a decision with what was on screen, and shows what follows from it.
 * @returns a sentence when something was not settled; empty when all was
 */
export async function settle(changes: readonly CallChange[], decision: 'accepted' | 'held' | 'back'): Promise<string> {
  const items = changes.map(({ athleteId, exerciseId, row, to }) => ({ athleteId, exerciseId, row, to }));
  const key = JSON.stringify({ items, decision });
  const id = ids.get(key) ?? v7();
  ids.set(key, id);
  try {
    const response = await fetch('/api/decisions', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id, decision, items }),
    });
    const said = (await response.json()) as {
      answers?: readonly { state: string }[];
      messages?: string[];
      message?: string;
    };
    if (!response.ok) return said.messages?.join(' ') ?? said.message ?? 'This could not be kept.';
    await invalidateAll();
    const stale = (said.answers ?? []).filter(({ state }) => state !== 'kept').length;
    return stale === 0
      ? ''
      : `${stale === 1 ? 'One answer or set came' : `${String(stale)} answers or sets came`} in meanwhile: what still waits reads as it does now.`;
  } catch {
    return 'The server is away. Nothing was changed; try again in a moment.';
  }
}
