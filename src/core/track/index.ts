export * from './facts';
export * from './track';
export { applyStepTo, foldTracks } from './fold-tracks';
export { ANSWER_SPEAKS_OF_DAYS } from './response-to';
export { answersByDay, responseTo } from './response-to';
