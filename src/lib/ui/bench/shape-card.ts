import type { Pin } from '$core/choose';
import type { Dose } from '$core/dose';
import type { Family } from '$core/library';
import {
  AS_TEMPLATE,
  blockOf,
  groupFrom,
  isComplex,
  type Card,
  type CardShape,
  type KeptLine,
  type Line,
} from '$core/session';

/**
 * Lines as they stand, held still while something else changes.
 * @param anew slots that are dosed anew
 */
export const pinAll = (lines: readonly Line[], anew: readonly string[] = []): Record<string, Pin> =>
  Object.fromEntries(
    lines.map((line) => [line.slot, anew.includes(line.slot) ? { ...pinOf(line), dosed: null } : pinOf(line)]),
  );

/** What choosing again keeps: the coach's own lines and doses. */
export const pinOwn = (lines: readonly Line[]): Record<string, Pin> => pinAll(lines.filter(({ pinned }) => pinned));

const pinOf = ({
  exerciseId,
  row,
  dose,
  full,
  typed,
  pinned,
  block,
  group,
  note,
  only,
  override,
  overrideFor,
}: Line): Pin => ({
  exerciseId,
  dosed: { row, dose, full },
  typed,
  byCoach: pinned,
  at: { block, group },
  said: { note, only, ...(override ? { override } : {}), ...(overrideFor ? { overrideFor } : {}) },
});

/** Another entry in a slot, dosed anew; whom the line is for stays, words on the old entry do not. */
export const swapping = ({ lines }: Card, slot: string, exerciseId: string): Record<string, Pin> =>
  pinAll(
    lines.map((line) =>
      line.slot === slot ? { ...ungated(line, null), exerciseId, note: null, typed: false, pinned: true } : line,
    ),
    [slot],
  );

/** A line at a dose the coach typed; everything else of it stays. */
export const dosing = ({ lines }: Card, slot: string, dose: Dose): Record<string, Pin> =>
  pinAll(lines.map((line) => (line.slot === slot ? { ...line, dose, full: null, typed: true, pinned: true } : line)));

/** A card that is to be chosen again: what it keeps, and its shape. */
export interface Asked {
  readonly pins: Readonly<Record<string, Pin>>;
  readonly shape: CardShape;
  /** nothing else comes on the card for it */
  readonly still?: true;
}

const slotsOf = ({ lines }: Pick<Card, 'lines'>): string[] => lines.map(({ slot }) => slot);

/** The first name of an own line that is free. */
function freeSlot(lines: readonly Line[]): string {
  const taken = new Set(lines.map((line) => line.slot));
  let number = 1;
  while (taken.has(`own-${String(number)}`)) number += 1;
  return `own-${String(number)}`;
}

/** An entry added as the coach's own line: behind a line of its own block, else behind the selected one, else last. */
export function adding(
  { lines, shape }: Card,
  exerciseId: string,
  family: Family,
  selected: string | null,
): Asked & { slot: string } {
  const slot = freeSlot(lines);
  const block = blockOf(family);
  const near = lines.findLast((line) => line.block === block) ?? lines.find((line) => line.slot === selected);
  const order = lines.map((line) => line.slot);
  // never between two that are done in turn
  const last = near?.group == null ? near : lines.findLast(({ group }) => group === near.group);
  order.splice(last ? order.indexOf(last.slot) + 1 : order.length, 0, slot);
  return {
    slot,
    pins: {
      ...pinOwn(lines),
      [slot]: { exerciseId, dosed: null, typed: false, byCoach: true, at: { block, group: null } },
    },
    shape: { ...shape, order },
  };
}

/** A line taken off: a slot of the template stays closed, the coach's own is gone. */
export function removing({ lines, shape }: Card, slot: string): Asked {
  const left = lines.filter((line) => line.slot !== slot);
  return {
    pins: pinOwn(left),
    shape: {
      ...shape,
      without: slot.startsWith('own-') ? shape.without : [...new Set([...shape.without, slot])],
      order: shape.order.filter((one) => one !== slot),
    },
  };
}

/** An entry never chosen for this card, taken off where it stands. */
export const banning = ({ lines, shape }: Card, exerciseId: string): Asked => ({
  pins: pinOwn(lines.filter((line) => line.exerciseId !== exerciseId)),
  shape: { ...shape, banned: [...new Set([...shape.banned, exerciseId])] },
});

/**
 * A line moved to stand before another (null = last). It leaves its pair unless it stays beside a line of it, and joins
 * the block it is moved into.
 */
export function moving({ lines, shape }: Card, slot: string, before: string | null): Asked | null {
  const moved = lines.find((line) => line.slot === slot);
  if (!moved || slot === before) return null;
  const rest = lines.filter((line) => line !== moved);
  const at = before === null ? rest.length : rest.findIndex((line) => line.slot === before);
  if (at === -1 || slotsOf({ lines }).join() === slotsOf({ lines: insert(rest, at, moved) }).join()) return null;
  const [above, below] = [rest[at - 1], rest[at]];
  const inside = above?.group !== null && above?.group === below?.group ? (above?.group ?? null) : null;
  const stays = [above, below].some((line) => line?.group === moved.group) ? moved.group : null;
  const placed: Line = {
    ...moved,
    block: (above ?? below)?.block ?? moved.block,
    group: inside ?? stays,
  };
  const next = insert(rest, at, placed);
  return { pins: pinAll(next), shape: { ...shape, order: slotsOf({ lines: next }) }, still: true };
}

const insert = (lines: readonly Line[], at: number, line: Line): Line[] => [
  ...lines.slice(0, at),
  line,
  ...lines.slice(at),
];

/**
 * A line done in turn with the one after it, and with whoever that is done in turn with, or straight on as parts of one set
 * (DOSE-9); all are then the coach's.
 */
export function pairing({ lines, shape }: Card, slot: string, kind: 'pair' | 'complex' = 'pair'): Asked | null {
  const at = lines.findIndex((line) => line.slot === slot);
  const [line, next] = [lines[at], lines[at + 1]];
  if (!line || !next) return null;
  const joined = [line, next].flatMap((one) => (one.group === null ? [] : [one.group]));
  const joins = (one: Line): boolean =>
    one === line || one === next || (one.group !== null && joined.includes(one.group));
  const first = lines.find(joins)?.slot ?? slot;
  const group =
    line.group !== null && isComplex(line.group) === (kind === 'complex') ? line.group : groupFrom(first, kind);
  const paired = lines.map((one) => (joins(one) ? { ...one, group, pinned: true, block: line.block } : one));
  return { pins: pinAll(paired), shape: { ...shape, order: slotsOf({ lines }) }, still: true };
}

/** A line that stands alone again. */
export function parting({ lines, shape }: Card, slot: string): Asked | null {
  const line = lines.find((one) => one.slot === slot);
  if (!line || line.group === null) return null;
  const group = lines.filter((one) => one.group === line.group);
  const alone = lines.map((one) =>
    one === line || (group.length === 2 && one.group === line.group) ? { ...one, group: null, pinned: true } : one,
  );
  return { pins: pinAll(alone), shape, still: true };
}

/** A line the coach keeps, or leaves to the rules again. */
export const holding = ({ lines, shape }: Card, slot: string, held: boolean): Asked => ({
  pins: pinAll(lines.map((line) => (line.slot === slot ? { ...line, pinned: held, typed: held && line.typed } : line))),
  shape,
  still: true,
});

/** The coach's words on a line, which is then the coach's. */
export const noting = ({ lines, shape }: Card, slot: string, note: string | null): Asked => ({
  pins: pinAll(lines.map((line) => (line.slot === slot ? { ...line, note, pinned: true } : line))),
  shape,
  still: true,
});

/** A written reason over a line's gates, for some athletes or everybody (JUMP-2). */
export type Override = Pick<Line, 'overrideFor'> & { readonly override: string };
export const overrideOf = ({ override, overrideFor }: Line): Override | null =>
  override === undefined ? null : { override, ...(overrideFor ? { overrideFor } : {}) };

/** A line with a reason over its gates, or with none. */
export function ungated(line: Line, over: Override | null): Line {
  const bare: { -readonly [key in keyof Line]: Line[key] } = { ...line };
  delete bare.override;
  delete bare.overrideFor;
  return { ...bare, ...over };
}

/** A line that stands over its gates for a written reason; null = the gates hold again (JUMP-2). */
export const overriding = ({ lines, shape }: Card, slot: string, over: Override | null): Asked => ({
  pins: pinAll(lines.map((line) => (line.slot === slot ? { ...ungated(line, over), pinned: true } : line))),
  shape,
  still: true,
});

/** A line for some athletes and nobody else; null = for everybody again. */
export const reserving = ({ lines, shape }: Card, slot: string, only: readonly string[] | null): Asked => ({
  pins: pinAll(lines.map((line) => (line.slot === slot ? { ...line, only, pinned: true } : line))),
  shape,
  still: true,
});

/** A second line of an entry behind the first, as the first is dosed: the coach's own. */
export function doubling({ lines, shape }: Card, slot: string): (Asked & { slot: string }) | null {
  const line = lines.find((one) => one.slot === slot);
  if (!line) return null;
  const own = freeSlot(lines);
  const twin = { ...line, slot: own, pinned: true, group: null };
  const last = line.group === null ? line : (lines.findLast(({ group }) => group === line.group) ?? line);
  const next = insert(lines, lines.indexOf(last) + 1, twin);
  return { slot: own, pins: pinAll(next), shape: { ...shape, order: slotsOf({ lines: next }) } };
}

/** What of a card is kept to start others from: its work, as it is dosed, without anybody's loads. */
export const keeping = ({ lines }: Card): KeptLine[] =>
  lines
    .filter(({ block, pinned }) => block !== 'prep' || pinned)
    .map(({ block, group, exerciseId, row, dose, full, typed, note }) => ({
      block,
      group,
      exerciseId,
      row,
      dose: typed ? dose : (full?.dose ?? dose),
      typed,
      note,
    }));

/** A card of another kind, null = as day and minutes say: what was taken off or moved belonged to the kind before. */
export const ofKind = ({ lines, shape: { banned } }: Card, kind: string | null): Asked => ({
  pins: pinOwn(lines),
  shape: { ...AS_TEMPLATE, banned, kind },
});

/** A card started from one that was kept: getting warm as the day asks, then its lines, which are the coach's own. */
export function startingFrom(kept: readonly KeptLine[]): Asked {
  const pins = Object.fromEntries(
    kept.map(({ exerciseId, row, dose, typed, block, group, note }, i): [string, Pin] => [
      `own-${String(i + 1)}`,
      {
        exerciseId,
        dosed: { row, dose, full: null },
        typed,
        byCoach: true,
        at: { block, group },
        said: { note, only: null },
      },
    ]),
  );
  return { pins, shape: { ...AS_TEMPLATE, alone: true } };
}

/** Slots whose entry or dose differs from before, the one acted on aside. */
export function movedSince(before: Card | null, after: Card, acted: string | null): string[] {
  const was = new Map(before?.lines.map((line) => [line.slot, line]));
  return after.lines
    .filter(({ slot, exerciseId, dose }) => {
      const one = was.get(slot);
      return slot !== acted && (one?.exerciseId !== exerciseId || JSON.stringify(one.dose) !== JSON.stringify(dose));
    })
    .map(({ slot }) => slot);
}

/** Entries that are on the card no more, the line acted on aside. */
export const goneSince = (before: Card, after: Card, acted: string | null): string[] =>
  before.lines
    .filter(({ slot, exerciseId }) => slot !== acted && !after.lines.some((line) => line.exerciseId === exerciseId))
    .map(({ exerciseId }) => exerciseId);
