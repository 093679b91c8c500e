export * from './brief';
export type { SessionRole } from './candidates/role-slots';
export { makeContext } from './context';
export { assessCard, type Assessment } from './assess/assess-card';
export * from './assess/measure-card';
export { solveCard, type SolvedCard } from './decode/solve-card';
export { giveOwn, type Given } from './decode/give-own';
export { offerEntries, type Offer } from './explain/offer-entries';
export type { Swap } from './explain/find-swaps';
