import { error } from '@sveltejs/kit';
import { isId } from '../http';

/** The session an address names. @throws {HttpError} 404, it is no id */
export function sessionOf(params: Readonly<Partial<Record<string, string>>>): string {
  const { id = '' } = params;
  if (!isId(id)) error(404, 'There is no such session.');
  return id;
}
