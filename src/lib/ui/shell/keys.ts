import { tinykeys } from 'tinykeys';

const TYPING = 'input, textarea, select, [contenteditable], dialog';

/**
 * Binds a screen's keys. Single letters do nothing while somebody types.
 * @returns takes them off again
 */
export function bindKeys(keys: Readonly<Record<string, (event: KeyboardEvent) => void>>): () => void {
  const guarded = Object.entries(keys).map(([key, act]) => [
    key,
    (event: KeyboardEvent) => {
      if (event.target instanceof Element && event.target.closest(TYPING)) return;
      act(event);
    },
  ]);
  return tinykeys(window, Object.fromEntries(guarded) as Record<string, (event: KeyboardEvent) => void>);
}
