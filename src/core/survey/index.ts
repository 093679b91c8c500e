export { surveyBriefs, surveyBrief, SURVEY_MINUTES, SURVEY_PEOPLE, SURVEY_PLACES } from './survey-briefs';
export { surveyCards, type CardSurvey } from './survey-cards';
