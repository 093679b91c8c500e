import { invalidateAll } from '$app/navigation';

/**
 * Sends a decision and shows what follows from it.
 * @returns a sentence when it could not be sent; empty when it was taken
 */
export async function settle(ids: readonly string[], decision: 'accepted' | 'held'): Promise<string> {
  try {
    const response = await fetch('/api/proposals', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ids, decision }),
    });
    if (!response.ok) {
      const said = (await response.json()) as { messages?: string[]; message?: string };
      return said.messages?.join(' ') ?? said.message ?? 'This could not be kept.';
    }
    await invalidateAll();
    return '';
  } catch {
    return 'The server is away. Nothing was changed; try again in a moment.';
  }
}
