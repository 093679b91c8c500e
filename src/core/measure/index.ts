export * from './contract-relax';
export * from './mat';
export * from './mat-athlete';
