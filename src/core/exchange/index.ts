export * from './dose-text';
export * from './exercise-csv';
export * from './library-file';
export * from './results-file';
