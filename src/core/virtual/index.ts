export * from './parameters';
export * from './body';
export { passDay } from './pass-day';
export { doLine, type Told, type Trained } from './train';
export { answerOf, wakeUp } from './morning';
