/** Why a line of a recording was left out. */
export const LINE_WORDS = {
  'no-time': 'no time: a date with time, or seconds',
  'no-channel':
    'no known reading: pressure, tire-temp, hub-temp, air, brake-amps, torque, distance, speed or position',
  'no-place': 'no place of a rig: 1L to 3R, or rig',
  'no-value': 'no number',
  'no-unit': 'a unit that is not known',
  'not-json': 'not a line of JSON',
} as const;
