import type { MessagePort } from 'node:worker_threads';
import type { SquadFile } from '../src/lib/model/club-file.js';
import { liveSeason, type LivedSeason, type Policy } from '../src/lib/server/simulate/live-season.js';
import { squadInMemory } from '../src/lib/server/simulate/squad-in-memory.js';

/** One season to be lived in a thread of its own. */
export interface SeasonJob {
  readonly file: SquadFile;
  readonly club: string;
  /** which squad of the club, from 1 */
  readonly number: number;
  readonly seed: number;
  readonly policy: Policy;
  readonly weeks: number | null;
  /** told each week's end */
  readonly progress: MessagePort;
}

export interface SeasonProgress {
  readonly day: number;
  readonly of: number;
}

const DAYS_TOLD = 7;

export default function live({ file, club, number, seed, policy, weeks, progress }: SeasonJob): LivedSeason | null {
  const lived = liveSeason(squadInMemory(file, club, number), {
    seed,
    policy,
    weeks,
    say: (day, of) => {
      if (day % DAYS_TOLD === 0 || day === of) progress.postMessage({ day, of } satisfies SeasonProgress);
    },
  });
  progress.close();
  return lived;
}
