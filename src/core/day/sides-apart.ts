import type { AthleteFacts } from '../athlete';
import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import { LOWER_BODY } from '../season';

/** The side an athlete begins with on an entry: the weak one, whose reps the strong one matches (DOSE-10); null = either. */
export const firstSide = (
  { per, family }: Pick<Exercise, 'per' | 'family'>,
  { sides }: Pick<AthleteFacts, 'sides'>,
): 'left' | 'right' | null => (per === 'side' && LOWER_BODY.includes(family) ? (sides?.weak ?? null) : null);

/**
 * Whether one-leg high and shock tier wait for a clinician (DOSE-10): far apart, with a complaint or a past injury of the
 * lower limb.
 */
export function sidesWait(
  { sides, complaints, pastInjuries }: Pick<AthleteFacts, 'sides' | 'complaints' | 'pastInjuries'>,
  { settings, places }: Pick<MethodTables, 'settings' | 'places'>,
): boolean {
  if (!sides || sides.share >= settings.sides.clinicianUnder - 1e-9) return false;
  const { legRows } = settings.sides;
  const isLeg = ({ place }: { readonly place: string }): boolean =>
    Object.hasOwn(places, place) && legRows.includes(places[place]?.row ?? '');
  return complaints.some(isLeg) || pastInjuries.some(isLeg);
}
