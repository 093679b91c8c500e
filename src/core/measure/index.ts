export * from './mat';
export * from './mat-athlete';
