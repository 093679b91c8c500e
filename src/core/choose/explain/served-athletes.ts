import type { AthleteFacts } from '../../athlete';
import type { Exercise } from '../../library';
import type { Reason } from '../../result';
import { helps, trains } from '../compile/bonuses';
import type { Context } from '../context';

/** Whose focus, weak moment or past injury a line works on, and how many of the squad they are. */
export function servedAthletes(
  exercise: Exercise,
  athletes: readonly AthleteFacts[],
  choice: Context['method']['settings']['choice'],
): Reason[] {
  const of = athletes.length;
  const helped = athletes.filter(({ focus }) => focus !== null && helps(exercise, focus.emphasis, choice));
  const weak = athletes.filter(({ moment }) => moment !== null && trains(exercise, moment, choice));
  const guarded = (injuries: AthleteFacts['pastInjuries']): string[] =>
    injuries.filter(({ guards }) => guards.includes(exercise.id)).map(({ place }) => place);
  const injured = athletes.filter(({ pastInjuries }) => guarded(pastInjuries).length > 0);
  const names = (found: readonly (string | undefined)[]): string[] =>
    [...new Set(found.flatMap((name) => name ?? []))].sort();
  const places = injured.flatMap(({ pastInjuries }) => guarded(pastInjuries));
  return [
    ...(helped.length > 0
      ? [
          {
            code: 'helps_focus',
            rules: ['START-1'],
            facts: { focus: names(helped.map(({ focus }) => focus?.name)), count: helped.length, of },
          },
        ]
      : []),
    ...(weak.length > 0
      ? [
          {
            code: 'helps_moment',
            rules: ['START-12'],
            facts: { moment: names(weak.map(({ moment }) => moment?.name)), count: weak.length, of },
          },
        ]
      : []),
    ...(injured.length > 0
      ? [{ code: 'guards_injury', rules: ['SAFE-11'], facts: { place: names(places), count: injured.length, of } }]
      : []),
  ];
}
