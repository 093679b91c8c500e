/** The browser's store of pages that open without a network. */
export const PAGES = 'jaleo-pages';

/** Pages of the hall: a testing day, screens, groups and readings, Measure, a session on the floor. */
export const isNotebookPage = (path: string): boolean =>
  /^\/(start|floor|measure)(\/|$)/.test(path) || /^\/squad\/[^/]+\/[^/]+\/start$/.test(path);

/** Coming and going of a person: pages kept for the one before are dropped. */
export const forgetsPages = (method: string, path: string): boolean =>
  method === 'POST' && (path === '/sign-in' || path === '/sign-out' || path === '/sign-up');

/** A page as it comes from the server, and what was known when it was asked for. */
export interface Arrived {
  readonly status: number;
  readonly redirected: boolean;
  /** whose it is, by the server's word; null = nobody's */
  readonly person: string | null;
  /** how many goings of a person this worker had seen when the page was asked for, and has seen by now */
  readonly asked: number;
  readonly now: number;
}

/** Whether a page may be kept: one of a person who has not left since it was asked for. */
export const mayKeep = ({ status, redirected, person, asked, now }: Arrived): boolean =>
  status === 200 && !redirected && person !== null && asked === now;

/** An answer that says the person is gone, wherever they left: the pages kept for them are dropped. */
export const saysGone = (redirected: boolean, url: string): boolean =>
  redirected && new URL(url).pathname === '/sign-in';
