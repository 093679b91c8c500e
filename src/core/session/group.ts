const COMPLEX = 'complex-';

/**
 * Whether a group is a complex (DOSE-9): its lines are parts of one set, done straight on, and the rest comes after the last.
 * Each part keeps its own load, contacts, intent and time. All other groups are done in turn, each line with its own rest.
 */
export const isComplex = (group: string | null | undefined): boolean => group?.startsWith(COMPLEX) ?? false;

/** The name of a group made by hand, by its first line and how its lines are done. */
export const groupFrom = (slot: string, kind: 'pair' | 'complex'): string =>
  kind === 'complex' ? `${COMPLEX}${slot}` : `pair-${slot}`;
