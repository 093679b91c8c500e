export * from './dose-text';
export * from './exercise-csv';
export * from './library-file';
export { guessColumns, type ResultColumn } from './result-columns';
export * from './results-file';
