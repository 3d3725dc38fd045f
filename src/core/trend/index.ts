/**
 * Trend: what readings over time see that one look cannot. Pressures at one
 * temperature, hubs over their mates, wear over the road, nuts that move, hubs
 * that swallow grease. Few points are said to be few. SI.
 */
export { historyOfReadings, pointsOf, type History, type Point, type WorkDone } from './history';
export { trendsAt, warningsOf, warns, type PlaceTrends, type Trend, type Warning } from './trends';
export { leakTrend, type LeakTrend } from './leak';
export { heatTrend, type HeatTrend } from './heat';
export { wearPattern, wearTrend, type WearPattern, type WearTrend } from './wear';
export { nutTrend, playTrend, strokeTrend, type NutTrend, type PlayTrend, type StrokeTrend } from './counts';
