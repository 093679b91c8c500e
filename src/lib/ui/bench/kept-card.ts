import type { Card, CardShape, Line, TypedLine } from '$core/session';
import type { Phase } from '$core/library';
import type { KeepCard } from '$lib/model/bodies';
import type { CardAnswer, StoredCard } from '$lib/model/card';

/** What the head of a card says beside its lines. */
export interface Head {
  readonly minutes: number;
  readonly phase: Phase;
  readonly template: string;
  readonly facilityId: string | null;
  readonly shape: CardShape;
}

/** A line somebody else changed meanwhile: theirs stands, mine is held here until the coach says which. */
export interface LineConflict {
  readonly slot: string;
  readonly mine: Line | null;
  readonly theirs: Line | null;
}

export const typedKey = ({ slot, athleteId }: Pick<TypedLine, 'slot' | 'athleteId'>): string => `${slot} ${athleteId}`;

/** The same content, whatever the order of its keys. */
export const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(ordered(a)) === JSON.stringify(ordered(b));
const ordered = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(ordered);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, ordered(inner)]),
  );
};

type Changed = Pick<KeepCard, 'head' | 'lines' | 'removed' | 'typed' | 'untyped'>;

/**
 * What differs between the card on screen and the one that is stored, each part with the version it was made from.
 * @returns null when nothing does
 */
export function changesFrom(stored: StoredCard | null, card: Card, head: Head): Changed | null {
  const lines = new Map((stored?.lines ?? []).map((one) => [one.line.slot, one]));
  const typed = new Map((stored?.typed ?? []).map((one) => [typedKey(one.own), one]));
  const changed: Changed = {
    head:
      stored &&
      stored.minutes === head.minutes &&
      stored.phase === head.phase &&
      stored.template === head.template &&
      stored.facilityId === head.facilityId &&
      isSame(stored.shape, head.shape)
        ? null
        : { seen: stored?.version ?? 0, ...head },
    lines: card.lines.flatMap((line, position) => {
      const before = lines.get(line.slot);
      return before && before.position === position && isSame(before.line, line)
        ? []
        : [{ seen: before?.version ?? 0, position, line }];
    }),
    removed: [...lines.values()]
      .filter(({ line }) => !card.lines.some(({ slot }) => slot === line.slot))
      .map(({ line, version }) => ({ slot: line.slot, seen: version })),
    typed: card.typed.flatMap((own) => {
      const before = typed.get(typedKey(own));
      return before && isSame(before.own, own) ? [] : [{ seen: before?.version ?? 0, own }];
    }),
    untyped: [...typed.values()]
      .filter(({ own }) => !card.typed.some((one) => typedKey(one) === typedKey(own)))
      .map(({ own, version }) => ({ slot: own.slot, athleteId: own.athleteId, seen: version })),
  };
  const none =
    changed.head === null &&
    [changed.lines, changed.removed, changed.typed, changed.untyped].every((of) => of.length === 0);
  return none ? null : changed;
}

/** The card on screen after an answer, and what is left for the coach to say. */
export interface Merged {
  readonly card: Card;
  readonly conflicts: readonly LineConflict[];
  /** slots whose change was refused: they stand as they are stored */
  readonly refused: readonly string[];
}

/**
 * Lays the server's answer under the card on screen. What was changed here since it was sent stays; everything else
 * takes what is stored, other coaches' lines among it; a line of both is theirs, with mine held beside it.
 * @param sent the card as it was when the change was sent
 */
export function mergeAnswer(now: Card, sent: Card, answer: CardAnswer): Merged {
  const { card: stored } = answer;
  const sentLine = new Map(sent.lines.map((line) => [line.slot, line]));
  const nowLine = new Map(now.lines.map((line) => [line.slot, line]));
  const touched = (slot: string): boolean => !isSame(sentLine.get(slot) ?? null, nowLine.get(slot) ?? null);
  const conflicts: LineConflict[] = [];
  const refused: string[] = [];
  for (const [slot, { state }] of Object.entries(answer.lines)) {
    const theirs = stored.lines.find(({ line }) => line.slot === slot)?.line ?? null;
    if (state === 'refused') refused.push(slot);
    if (state === 'conflict' && !isSame(theirs, sentLine.get(slot) ?? null))
      conflicts.push({ slot, mine: sentLine.get(slot) ?? null, theirs });
  }
  const kept = stored.lines.map(({ line }) => line);
  const lines = [
    ...kept.flatMap((line) => {
      if (!touched(line.slot)) return [line];
      const mine = nowLine.get(line.slot);
      return mine ? [mine] : [];
    }),
    ...now.lines.filter(({ slot }) => touched(slot) && !kept.some((line) => line.slot === slot)),
  ];
  const sentTyped = new Map(sent.typed.map((own) => [typedKey(own), own]));
  const nowTyped = new Map(now.typed.map((own) => [typedKey(own), own]));
  const touchedOwn = (key: string): boolean => !isSame(sentTyped.get(key) ?? null, nowTyped.get(key) ?? null);
  const typed = [
    ...stored.typed.map(({ own }) => own).filter((own) => !touchedOwn(typedKey(own))),
    ...now.typed.filter((own) => touchedOwn(typedKey(own))),
  ];
  const headKept = answer.head === null || answer.head.state === 'kept';
  return {
    card: {
      lines,
      typed,
      minutes: headKept ? now.minutes : stored.minutes,
      phase: headKept ? now.phase : stored.phase,
      template: headKept ? now.template : stored.template,
      shape: headKept ? now.shape : stored.shape,
    },
    conflicts,
    refused,
  };
}
