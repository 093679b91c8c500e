import type { SchoolId } from '$core/method';

/** A disagreement told fairly: what each side says, in two sentences, and where the choice shows. */
export interface SchoolWords {
  readonly name: string;
  readonly told: string;
  readonly changes: string;
}

export const SCHOOL_WORDS: Readonly<Record<SchoolId, SchoolWords>> = {
  jumpRest: {
    name: 'Rest between sets of jumps',
    told: 'Full rest keeps every jump at its best height, because a tired jump trains a slow one. Dense sets say games are tired too, and self-paced jumping trusts the athlete to know when the next good one is there.',
    changes: 'Rest of every jump on the Bench, the Floor clock and the print.',
  },
  loading: {
    name: 'How load moves through weeks',
    told: 'Blocks lift sets and effort for three weeks and then give a lighter one, so that each quality gets its turn. Straight-line keeps the dose and adds load; daily waves change it from session to session and never let one stress last. Three-action gives each block of the off-season one part of the lift: slow down, hold, then plain. Tiers give every session a whole-body, a lower and an upper lift, and let each of them lead in turn.',
    changes: 'Sets, reps and intensity of the main lifts in each week of the Season, and what the Bench proposes.',
  },
  inSeasonMinimum: {
    name: 'Strength sessions a week in season',
    told: 'Most hold that two short ones a week keep what was built. Others have kept it with one hard one, and give the second day to the sport.',
    changes: 'When the Season warns that strength may fade.',
  },
  rdlShares: {
    name: 'What Romanian deadlifts and bridges train',
    told: 'Some count the Romanian deadlift and the bridge as hamstring work, since the muscle is long and loaded. Others count them as glute work, since the hip does the moving and the knee hardly bends.',
    changes: 'Shares in the Library, what a sore place stops, and the balance on the Bench.',
  },
  kneeTravel: {
    name: 'Knees over the toes',
    told: 'Free knees load the front of the thigh through a full range, which knees without pain take well. Holding them back while learning teaches the hips to work first and spares a sore knee.',
    changes: 'A cue on squats and lunges: Bench, card and print.',
  },
  olympicLifts: {
    name: 'Olympic lifts',
    told: 'The full lifts train a fast, strong whole body and reward those who can be taught well. Pulls give most of it without the catch; doing without leaves more time for jumps and throws.',
    changes: 'Which lifts and pulls the Bench may choose.',
  },
  trunkFlexion: {
    name: 'Loaded crunching',
    told: 'Avoiding it spares the back, and the trunk in sport mostly has to hold still. Allowing it says the trunk also bends under load, and that a muscle trained only one way is weak the other.',
    changes: 'Which trunk work the Bench may choose.',
  },
  order: {
    name: 'Two legs or one leg first',
    told: 'Two-leg lifts first take the heaviest load with fresh legs. One-leg work first puts what the sport needs most at the top, when balance is best.',
    changes: 'The order of the card on the Bench, the Floor and the print.',
  },
  dayBefore: {
    name: 'The day before an event',
    told: 'A primer of a few fast reps leaves many athletes sharper the next day. Rest says nothing gained in twenty minutes is worth a heavy leg.',
    changes: 'Whether the Bench makes a card for that day.',
  },
  shockGate: {
    name: 'Who may rebound from a drop',
    told: 'A strong squat shows that the legs can take it. Seasons of jumping show that the tendons have; either is enough for most.',
    changes: 'Who gets drop jumps on the Bench, and what the own lines say.',
  },
  contacts: {
    name: 'How many contacts',
    told: 'The usual budget is what most athletes take well. The cautious one gives a fifth less where floors are hard, seasons long or practice already jumps a lot.',
    changes: 'The contact budget in the Bench’s ledger.',
  },
  mainSquat: {
    name: 'The main squat',
    told: 'One squat for all makes teaching, records and racks simple. By profile gives each squad the lift that covers what its sport and its gaps ask.',
    changes: 'Which squat the Bench may take as the main lift, and prefers.',
  },
  feet: {
    name: 'Feet in slow lifts',
    told: 'Shoes are steady, safe under a bar and the same for everyone. Bare feet or socks at light loads let the foot work, which shoes do for it.',
    changes: 'A cue on slow body-weight work on one’s feet.',
  },
  calls: {
    name: 'What waits for the coach',
    told: 'With few calls, what a rule settles inside its limits is done and listed with a way back: a step of load, a squad’s step, one step less. Who wants to be asked everything gets each of them as a call.',
    changes: 'Calls, and whether a load moves before you have looked.',
  },
};
