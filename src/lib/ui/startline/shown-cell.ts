import { worstJoint } from '$core/testing';
import type { GridCell, GridColumn, GridState } from './grid-state.svelte';
import { showCell, specIn, type UnitSystem } from './units';

/** A cell as it stands on screen. */
export interface ShownCell {
  readonly cell: GridCell;
  readonly text: string;
  /** measured today and outside the pass mark */
  readonly failed: boolean;
  readonly joint: { readonly joint: string } | null;
  /** what was measured before today, where today is empty */
  readonly last: string;
}

const BARE = { joints: null, loadKg: null, reps: null, rir: null };

export function shownCell(grid: GridState, athleteId: string, { spec, side }: GridColumn): ShownCell {
  const cell = grid.cell(athleteId, spec.id, side);
  const text = cell.trouble?.typed ?? (cell.view ? showCell(cell.view, spec, grid.system) : '');
  const own = grid.readings.get(athleteId)?.outcomes.get(spec.id)?.sides[side];
  const failed = cell.view !== null && text !== '' && own?.day === grid.page.day && own.passed === false;
  const last = text === '' ? grid.lastOf(athleteId, { spec, side }) : null;
  return {
    cell,
    text,
    failed,
    joint: own && failed ? worstJoint(own) : null,
    last: last ? showCell({ ...BARE, value: last.value }, spec, grid.system) : '',
  };
}

/** The same for who does not see it. */
export const spokenCell = (athlete: string, { spec, side }: GridColumn, shown: ShownCell): string =>
  [
    `${athlete}, ${spec.name}${side === 'both' ? '' : `, ${side}`}:`,
    shown.text || (shown.last ? `not today, last ${shown.last}` : 'not tested'),
    shown.failed ? 'outside the pass mark' : '',
    shown.cell.view?.asks ? 'asks before it counts' : '',
    shown.cell.trouble ? shown.cell.trouble.message : '',
    shown.cell.mine ? 'somebody else changed it' : '',
  ]
    .filter(Boolean)
    .join(' ');

/** What stands under a column's name. */
export function unitOf({ spec }: GridColumn, system: UnitSystem): string {
  const { unit } = specIn(spec, system);
  return spec.kind === 'joints' ? 'sum, 0–8' : spec.kind === 'lift' ? `${unit} × reps` : unit;
}
