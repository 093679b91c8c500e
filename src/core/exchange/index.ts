export * from './dose-text';
export * from './format-dose';
export type { CellWant } from './cell-issue';
export * from './exercise-columns';
export * from './exercise-csv';
export * from './library-file';
export { guessColumns, plain, type ResultColumn } from './result-columns';
export * from './results-file';
export * from './results-shapes';
