/** Answers that stay open (the mat's lines) and must end before the process can. */
const open = new Set<() => void>();

/** Takes note of an open stream. @returns to be called when it ended by itself */
export function whileOpen(end: () => void): () => void {
  open.add(end);
  return () => open.delete(end);
}

/** Ends every open stream: the server waits for running requests, and these would run for ever. */
export function endStreams(): void {
  for (const end of open) end();
  open.clear();
}
