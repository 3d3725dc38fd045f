/**
 * Survey: the first look at a rig of which little is known. Its items follow
 * from the model in walking order; what came of each lies in the log, so a
 * survey can be stopped and taken up on any day.
 */
export { STATIONS, surveyItems, type ConditionId, type Station, type SurveyItem } from './items';
export {
  surveyProgress,
  surveyResult,
  type Looked,
  type SurveyProgress,
  type SurveyResult,
  type SurveyTask,
} from './result';
