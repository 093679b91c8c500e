import { seasonBasisSchema, type SeasonBasis } from '$lib/model/season-file';

/**
 * Reads a season file.
 * @returns or a sentence why it cannot be read, with the part that stands against it
 */
export function readSeasonFile(text: string): SeasonBasis | string {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return 'This is no JSON file.';
  }
  const read = seasonBasisSchema.safeParse(json);
  if (read.success) return read.data;
  const [first] = read.error.issues;
  const at = first?.path.join(' › ') ?? '';
  if (at === 'format' || at === '') return 'This is no season file: its “format” is not “jaleo-season”.';
  return `This season file cannot be read at “${at}”: ${first?.message ?? ''}`;
}
