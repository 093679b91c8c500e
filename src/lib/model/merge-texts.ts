/** A record as its form shows it: what stands in each field, lists joined by `, `. */
export type Texts = Readonly<Record<string, string>>;

/** A field that somebody else changed meanwhile, to something else than was typed. */
export interface FieldConflict {
  readonly field: string;
  readonly now: string;
  readonly typed: string;
}

export interface MergedTexts {
  readonly merged: Texts;
  /** fields the writer changed from what the form showed */
  readonly touched: ReadonlySet<string>;
  readonly conflicts: readonly FieldConflict[];
}

/** The same text to a person: a browser sends line ends of its own, and drops what surrounds a text. */
const plain = (text: string | undefined): string => (text ?? '').replaceAll('\r\n', '\n').trim();
export const sameText = (a: string | undefined, b: string | undefined): boolean => plain(a) === plain(b);

/**
 * Three versions of a record, field by field: a field the writer left alone stays as it is by now, one that nobody else
 * changed becomes what was typed, and one that both changed is a conflict unless both say the same.
 * @param typed what was sent; a field that is missing (a box not ticked) is empty
 * @param shown the record as the writer's form showed it
 * @param now the record as it stands
 * @param isOwn whether what stands in a field by now was written by this same page before
 */
export function mergeTexts(
  typed: Texts,
  shown: Texts,
  now: Texts,
  isOwn: (field: string, now: string) => boolean,
): MergedTexts {
  const merged: Record<string, string> = { ...typed };
  const touched = new Set<string>();
  const conflicts: FieldConflict[] = [];
  for (const [field, stands] of Object.entries(now)) {
    const text = typed[field] ?? '';
    merged[field] = text;
    if (sameText(text, stands)) continue;
    if (sameText(text, shown[field]) && !isOwn(field, stands)) {
      merged[field] = stands;
      continue;
    }
    touched.add(field);
    if (!sameText(stands, shown[field]) && !isOwn(field, stands)) conflicts.push({ field, now: stands, typed: text });
  }
  return { merged, touched, conflicts };
}
