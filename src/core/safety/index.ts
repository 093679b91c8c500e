export * from './complaint';
export * from './fold-complaints';
export * from './bars';
export * from './place-share';
export * from './gentle-places';
export * from './past-injury';
