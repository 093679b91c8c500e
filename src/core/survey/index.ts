export { surveyCards } from './survey-cards';
