import type { SolvedCard } from '../choose';
import { setSeconds } from '../order';
import type { Exercise, Library } from '../library';
import type { MethodTables } from '../method';
import { isMainSlot, type Line } from '../session';
import type { SurveyBrief } from './survey-briefs';

/** A surveyed card with what the measures look at, worked out once. */
export interface Surveyed {
  readonly of: SurveyBrief;
  readonly solved: SolvedCard;
  readonly lines: readonly (Line & { readonly exercise: Exercise })[];
  readonly loading: boolean;
}

/** What is wanted of a card. `holds` is null where the card is none of those it is asked of. */
export interface CardMeasure {
  readonly id: string;
  readonly wanted: number;
  readonly holds: (card: Surveyed, library: Library, method: MethodTables) => boolean | null;
}

const JUMPED = ['specific', 'pre-season', 'in-season'];
const UNMEASURED = ['band', 'bodyweight', 'ball'];
const HEAVY_ROWS = ['D-MAX', 'D-PEAK', 'D-MAINT', 'D-MICRO'];
const FAST = ['fast', 'maximal'];
const FAST_ROWS = ['D-POW', 'D-BAL', 'D-SLOW', 'D-FAST', 'D-SHOCK', 'D-LAND', 'D-SKILL', 'D-PREP', 'D-COND', 'D-SLED'];
const REPS = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20];
const LEGS = ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip'];
const asks = ({ of }: Surveyed, library: Library, from: number, ...demands: string[]): boolean => {
  const sport = library.sports.get(of.sport);
  return demands.some((demand) => (sport?.demands[demand as 'rotation'] ?? 0) >= from);
};
const jumps = ({ lines }: Surveyed): Surveyed['lines'] =>
  lines.filter(({ exercise, block }) => exercise.plyo !== null && block !== 'prep');

/** Whether place, school and levels leave anything fast to choose. */
const allowsPower = ({ brief, people }: SurveyBrief, library: Library, method: MethodTables): boolean =>
  people !== 'never tested' &&
  [...library.exercises.values()].some(
    (entry) =>
      entry.family === 'olympic' &&
      entry.qualities.includes('power') &&
      entry.equipment.allOf.every((item) => brief.place.equipment.includes(item)) &&
      (entry.equipment.anyOf.length === 0 ||
        entry.equipment.anyOf.some((item) => brief.place.equipment.includes(item))) &&
      !method.settings.lifts.catches.includes(entry.pattern) &&
      (people !== 'foundation' || (entry.plyo === null && entry.gates.every(({ kind }) => kind === 'test'))),
  );

/** Phases that load, and the micro-doses of a congested week; a peak and the weeks after a season leave minutes free. */
const isLoading = ({ phase, minutes }: SurveyBrief): boolean =>
  phase === 'congested' ? minutes <= MICRO_MINUTES : phase !== 'peak' && phase !== 'transition';
const MICRO_MINUTES = 30;

/** What a good card holds, each over the cards it is asked of. */
export const CARD_MEASURES: readonly CardMeasure[] = [
  {
    id: 'uses 90 % of its minutes',
    wanted: 0.98,
    // who was never tested does the fewest sets of everything (START-2)
    holds: ({ solved, of, loading }) =>
      loading && of.people !== 'never tested' && isLoading(of) ? solved.assessment.minutes >= 0.9 * of.minutes : null,
  },
  {
    id: 'not longer than asked',
    wanted: 1,
    holds: ({ solved, of }) => solved.assessment.minutes <= of.minutes + 1e-6,
  },
  {
    id: 'mobility and cool-down at most a quarter',
    wanted: 0.98,
    holds: ({ lines, of, loading }) =>
      loading
        ? lines
            .filter(({ exercise, block }) => exercise.family === 'mobility' && block !== 'prep')
            .reduce((sum, { exercise, dose }) => sum + dose.sets * setSeconds(exercise, dose), 0) <=
          of.minutes * 15
        : null,
  },
  {
    id: 'contacts within the budget',
    wanted: 1,
    holds: ({ solved: { assessment } }) => assessment.contacts.weighted <= assessment.budget.limit,
  },
  {
    id: 'contacts over half of the top',
    wanted: 0.98,
    // who was never tested does the fewest sets of jumps too (START-2)
    holds: ({ solved: { assessment }, of, loading }) =>
      loading && of.people !== 'never tested' && of.minutes >= 45 && JUMPED.includes(of.phase)
        ? assessment.contacts.weighted >= assessment.budget.limit / 2
        : null,
  },
  {
    id: 'heavy rows only where a load is measured',
    wanted: 1,
    holds: ({ lines }) =>
      lines.every(({ row, exercise }) => !HEAVY_ROWS.includes(row) || !UNMEASURED.includes(exercise.load.kind)),
  },
  {
    id: 'fast entries never as assistance',
    wanted: 1,
    holds: ({ lines }) => lines.every(({ row, exercise }) => !FAST.includes(exercise.speed) || FAST_ROWS.includes(row)),
  },
  {
    id: 'main and single-leg work differ in dominance',
    wanted: 0.98,
    holds: ({ lines, of }) => {
      const main = lines.find(({ slot }) => slot === 'main');
      const single = lines.find(({ slot }) => slot === 'single-leg');
      const second = lines.some(({ slot }) => slot === 'main-2');
      // a club whose squat is the box squat has chosen one that the hips lead
      if (!main || !single || second || of.brief.schools.mainSquat === 'box') return null;
      const knee = ({ exercise }: (typeof lines)[number]): boolean => (exercise.dominance?.knee ?? 0) >= 0.5;
      return knee(main) !== knee(single);
    },
  },
  {
    id: 'a power line where the phase has one and the kit allows',
    wanted: 0.98,
    holds: ({ lines, of }, library, method) => {
      const { lead, beside } = method.phases[of.phase];
      const has = [...lead, ...beside].some((row) => method.doses[row].quality === 'power');
      if (!has || of.minutes < 45 || !allowsPower(of, library, method)) return null;
      return lines.some(({ row }) => method.doses[row].quality === 'power');
    },
  },
  {
    id: 'a jump for height in jump sports',
    wanted: 0.98,
    holds: (card, library) =>
      card.loading &&
      card.of.minutes >= 45 &&
      JUMPED.includes(card.of.phase) &&
      asks(card, library, 4, 'vertical-jump-two-foot', 'vertical-jump-one-foot')
        ? jumps(card).some(
            ({ exercise }) => exercise.plyo?.intent === 'height' && exercise.plyo.direction === 'vertical',
          )
        : null,
  },
  {
    id: 'lateral work in lateral sports',
    wanted: 0.98,
    holds: (card, library) =>
      card.loading && card.of.minutes >= 45 && asks(card, library, 4, 'lateral-push')
        ? card.lines.some(({ exercise, block }) => block !== 'prep' && exercise.plane === 'frontal')
        : null,
  },
  {
    id: 'a throw for throwers',
    wanted: 0.98,
    holds: (card, library, method) => {
      const { lead, beside } = method.phases[card.of.phase];
      const has = [...lead, ...beside].includes('D-BAL');
      return has &&
        card.of.minutes >= 60 &&
        ['full kit', 'hall'].includes(card.of.place) &&
        card.of.people !== 'never tested' &&
        asks(card, library, 4, 'overhead', 'rotation')
        ? card.lines.some(({ exercise }) => exercise.pattern.startsWith('ball-'))
        : null;
    },
  },
  {
    id: 'prep of five parts with rehearsal',
    wanted: 0.98,
    holds: ({ lines, loading, of }) =>
      loading && of.minutes >= 45
        ? ['prep-raise', 'prep-mobilise', 'prep-activate', 'prep-rehearse', 'prep-landing'].every((part) =>
            lines.some(({ slot }) => slot.startsWith(part)),
          )
        : null,
  },
  {
    id: 'a main lift, and hip and knee both, on a full card',
    wanted: 0.98,
    holds: ({ lines, loading, of }) =>
      loading && of.minutes >= 45
        ? lines.some(({ slot }) => isMainSlot(slot)) &&
          ['squat', 'single-leg-knee'].some((family) => lines.some(({ exercise }) => exercise.family === family)) &&
          ['hinge', 'single-leg-hip'].some((family) => lines.some(({ exercise }) => exercise.family === family))
        : null,
  },
  {
    id: 'doses a coach would write',
    wanted: 0.98,
    holds: ({ lines }) =>
      lines.every(
        ({ dose, row }) =>
          dose.sets >= 1 &&
          (dose.sets <= 6 || row === 'D-SLED' || row === 'D-COND') &&
          (dose.unit !== 'reps' || REPS.includes(dose.amount)) &&
          (dose.unit !== 'seconds' || dose.amount % 5 === 0 || row === 'D-PYR') &&
          (dose.restSeconds === null || dose.restSeconds % 15 === 0),
      ),
  },
  {
    id: 'legs trained on every loading card',
    wanted: 0.98,
    holds: ({ lines, loading }) => (loading ? lines.some(({ exercise }) => LEGS.includes(exercise.family)) : null),
  },
];
