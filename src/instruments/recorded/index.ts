/** Recorded: a file of readings as an instrument. What cannot be read of it is told line by line. */
export { parseRecording, type LineProblem, type Recording } from './parse';
export { player } from './player';
