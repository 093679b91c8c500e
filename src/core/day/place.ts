import type { LoadingKit } from '../dose';
import type { Exercise } from '../library';

/** Where the session is held. */
export interface Place {
  readonly equipment: readonly string[];
  /** room to run, crawl or bound along */
  readonly lane: boolean;
  readonly loading: LoadingKit;
  readonly hardSurface: boolean;
  /** bars that can be lifted side by side; 1 where there is none */
  readonly racks: number;
}

/** Whether a place has what an entry needs: equipment, and room to run or jump along. */
export const hasKit = (
  { equipment, space }: Pick<Exercise, 'equipment' | 'space'>,
  place: Pick<Place, 'equipment' | 'lane'>,
): boolean =>
  equipment.allOf.every((item) => place.equipment.includes(item)) &&
  (equipment.anyOf.length === 0 || equipment.anyOf.some((item) => place.equipment.includes(item))) &&
  (space !== 'lane' || place.lane);
