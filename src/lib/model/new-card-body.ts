import { v7 } from 'uuid';
import type { Card } from '$core/session';
import type { KeepCard } from './bodies';

/** What keeps a card that is not there yet. */
export const newCardBody = (
  { lines, typed, minutes, phase, template, shape }: Card,
  of: { readonly squadId: string; readonly day: string; readonly athleteId?: string | null },
): KeepCard => ({
  id: v7(),
  squadId: of.squadId,
  athleteId: of.athleteId ?? null,
  day: of.day,
  head: { seen: 0, minutes, phase, template, shape, facilityId: null },
  lines: lines.map((line, position) => ({ seen: 0, position, line })),
  removed: [],
  typed: typed.map((own) => ({ seen: 0, own })),
  untyped: [],
});
