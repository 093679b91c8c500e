import { LRUCache } from 'lru-cache';
import { todayMark } from '../config';
import { checkTouched, withClub, type Tx } from './client';

/** Clubs whose pages this process keeps, and pages of each. */
const CLUBS = 60;
const PAGES = 80;
/** What was not looked at for so long is read anew: what touched the club since may have been swept. */
const TRUSTED_MS = 30 * 60_000;

export interface Known {
  /** the database's state everything kept here was read in, or after */
  snapshot: string;
  checkedAt: number;
  readonly pages: LRUCache<string, Promise<object>>;
}

const clubs = new LRUCache<string, Known>({ max: CLUBS });

/**
 * What is kept of a club, as nothing of it had been written since: an empty one where something was. Two answers that are
 * the same object say that nothing was written between them.
 */
export async function stateOf(clubId: string): Promise<Known> {
  const now = Date.now();
  const known = clubs.get(clubId);
  const trusted = known && now - known.checkedAt < TRUSTED_MS ? known : undefined;
  const { snapshot, touched } = await checkTouched(clubId, trusted?.snapshot ?? null);
  // others asked after the same write and have begun anew: join them, if nothing was written since
  if ((touched || !trusted) && clubs.get(clubId) !== known) return stateOf(clubId);
  const state =
    trusted && !touched
      ? trusted
      : { snapshot, checkedAt: now, pages: new LRUCache<string, Promise<object>>({ max: PAGES }) };
  state.snapshot = snapshot;
  state.checkedAt = now;
  clubs.set(clubId, state);
  return state;
}

/**
 * Reads something of a club, or gives what was read before when nothing of the club has been written since. Whoever wrote
 * it, in whichever process: each write leaves its transaction's number (`club_touch`), and one that the kept state had
 * not seen drops everything kept. What is given is shared: nobody may change it.
 * @param key names what is read, for whom; the day is added to it
 */
export async function remembered<T extends object>(
  clubId: string,
  key: string,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  const state = await stateOf(clubId);
  const name = `${key} ${todayMark()}`;
  const found = state.pages.get(name) as Promise<T> | undefined;
  if (found) return found;
  const reading = withClub(clubId, work);
  state.pages.set(name, reading);
  // what could not be read is not what is there
  reading.catch(() => state.pages.delete(name));
  return reading;
}
