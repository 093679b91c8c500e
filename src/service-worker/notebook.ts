/** The browser's store of pages that open without a network. */
export const PAGES = 'jaleo-pages';

/** Pages of the hall: a testing day, screens, groups and readings, Measure, a session on the floor. */
export const isNotebookPage = (path: string): boolean =>
  /^\/(start|floor|measure)(\/|$)/.test(path) || /^\/squad\/[^/]+\/[^/]+\/start$/.test(path);

/** Coming and going of a person: pages kept for the one before are dropped. */
export const forgetsPages = (method: string, path: string): boolean =>
  method === 'POST' && (path === '/sign-in' || path === '/sign-out' || path === '/sign-up');
