/** Survey: a first look at a rig of which little is known. */
export { SurveyView } from './survey-view';
