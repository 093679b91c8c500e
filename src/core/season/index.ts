export * from './day-limits';
export * from './is-heavy';
