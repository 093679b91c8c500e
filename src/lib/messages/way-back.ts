/** A way back from a complaint, as far as it is told. */
interface Way {
  readonly finesLeft: number;
  /** name of the stage after; null at the last */
  readonly next: string | null;
  readonly checks: readonly Check[];
}
interface Check {
  readonly of: 'note' | 'calm' | 'symmetry' | 'screen';
  readonly test: string | null;
  readonly met: boolean | null;
  readonly share: number | null;
}

/** Why the way back goes as it does. */
export const WAY_BACK_RULE =
  'Each stage asks for the clinician’s note and two fine mornings at the one before; sides and screens end it.';

/** What comes next on the way back from a complaint, in a sentence. */
export function wayBackWords(way: Way): string {
  const fines = `${way.finesLeft === 1 ? 'One more fine morning' : `${way.finesLeft === 2 ? 'Two' : String(way.finesLeft)} fine mornings`} after a session`;
  if (way.next === null) {
    const open = way.checks.filter(({ met }) => met !== true).length;
    if (way.finesLeft > 0) return `${fines}, and it can be left.`;
    return open === 0
      ? 'All that is asked before it is left is there: say so when you agree.'
      : 'Before it is left, tests are still asked for.';
  }
  if (way.finesLeft > 0) return `${fines} and “${way.next}” can open.`;
  return `“${way.next}” waits for the clinician’s next note: this one does not name it.`;
}

/** One thing asked before the way back is left, and whether it is there. */
export function checkWords({ of, test, met, share }: Check, symmetryFrom: number): string {
  const said = met === null ? 'not tested' : met ? 'yes' : 'not yet';
  if (of === 'note') return `last stage by the clinician: ${said}`;
  if (of === 'calm') return `no pain, fine mornings: ${said}`;
  if (of === 'screen') return `${test ?? ''}: ${met === null ? 'not tested' : met ? 'passed' : 'not passed'}`;
  const percent = (part: number): string => `${String(Math.round(part * 100))} %`;
  return `${test ?? ''}, weak side of strong: ${share === null ? 'not tested' : `${percent(share)} of the ${percent(symmetryFrom)} asked`}`;
}
