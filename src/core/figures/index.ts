export * from './figure-schema';
export * from './solve-pose';
export * from './between';
export * from './check-figure';
export * from './draw-figure';
export * from './shapes';
export { centreOfMass } from './skeleton';
export { LENGTH } from './body';
