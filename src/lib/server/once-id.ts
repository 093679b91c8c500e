import { v7 } from 'uuid';

/** An id for what this page may write. It is told apart from the rest of the page, which may be kept and given again. */
export function onceId(locals: { onceIds: string[] }): string {
  const id = v7();
  locals.onceIds.push(id);
  return id;
}
