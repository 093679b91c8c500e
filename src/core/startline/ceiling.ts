import type { SquadAims } from './aims';
import type { StartSettings } from './settings';

/** A lift an athlete is strong enough in, kept and not raised (DOSE-6). */
export interface Ceiling {
  readonly lift: string;
  readonly kg: number;
  readonly since: string;
  /** typed by the coach, or accepted when the lift rose and the result did not (START-11) */
  readonly why: 'typed' | 'result';
}

export interface StrengthFacts {
  /** current e1RM of reference lifts, kg */
  readonly e1rmKg: Readonly<Record<string, number>>;
  readonly bodyMassKg: number | null;
  readonly ceilings: readonly Ceiling[];
}

/** Where an athlete's squat is strong enough, × body mass: the lowest of their own ceilings, else the squad's; null = not said. */
export function squatEnough(
  { bodyMassKg, ceilings }: Pick<StrengthFacts, 'bodyMassKg' | 'ceilings'>,
  enough: SquadAims['enough'],
  { ratios }: Pick<StartSettings, 'ratios'>,
): number | null {
  const own = ceilings.flatMap(({ lift, kg }) => {
    const share = ratios.squat[lift];
    return share === undefined || bodyMassKg === null ? [] : [kg / share / bodyMassKg];
  });
  return own.length > 0 ? Math.min(...own) : enough.squat;
}

/**
 * Reference lifts at their ceiling: the athlete's own in kg, else the squad's in × body mass; never below a gate it opens.
 * @param gateTimesBodyMass what opens the shock tier (JUMP-4), as a back squat
 */
export function liftsAtCeiling(
  { e1rmKg, bodyMassKg, ceilings }: StrengthFacts,
  enough: SquadAims['enough'],
  gateTimesBodyMass: number,
  { ratios }: Pick<StartSettings, 'ratios'>,
): string[] {
  return Object.entries(e1rmKg)
    .filter(([lift, kg]) => {
      const inSquat = ratios.squat[lift];
      const inHinge = ratios.hinge[lift];
      const own = ceilings.find((ceiling) => ceiling.lift === lift)?.kg ?? null;
      const times = inSquat !== undefined ? enough.squat : inHinge !== undefined ? enough.hinge : null;
      const ofSquad = times === null || bodyMassKg === null ? null : times * bodyMassKg * (inSquat ?? inHinge ?? 1);
      const ceiling = own ?? ofSquad;
      if (ceiling === null) return false;
      const gate = inSquat === undefined || bodyMassKg === null ? 0 : gateTimesBodyMass * bodyMassKg * inSquat;
      // past the gate a ceiling below it would close it again
      return kg >= (kg >= gate ? Math.max(ceiling, gate) : ceiling);
    })
    .map(([lift]) => lift)
    .sort();
}
