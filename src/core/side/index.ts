export * from './side-days';
export * from './side-dose';
export * from './side-lines';
