import { moveSteps } from '../commands/season-step';
import { nothing } from '../door/readers';
import { stepForm } from '../door/scopes';

/** Takes the last step of a squad's plan back, or puts one back. */
export const stepForms = {
  undo: stepForm({
    form: 'undo',
    verb: 'season-undo',
    reads: nothing,
    field: 'undo',
    work: (tx, of, { actor }) => moveSteps(tx, { ...of, actor, verb: 'undo' }),
    says: () => ({ kept: true }),
  }),
  redo: stepForm({
    form: 'redo',
    verb: 'season-redo',
    reads: nothing,
    field: 'redo',
    work: (tx, of, { actor }) => moveSteps(tx, { ...of, actor, verb: 'redo' }),
    says: () => ({ kept: true }),
  }),
};
