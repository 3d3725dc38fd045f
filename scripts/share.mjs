import { readdirSync, readFileSync } from 'node:fs';
import { root } from './steps.mjs';

const FOLDERS = ['src', 'demo', 'e2e', 'bench', 'attack'];
const IS_TEST = /(\.test\.tsx?$|^e2e\/|^src\/(core\/)?testing\/)/;

/** Share (%) of tests in the lines of TypeScript that hold anything. */
export function testShare() {
  let tests = 0;
  let all = 0;
  for (const folder of FOLDERS)
    for (const name of readdirSync(`${root}${folder}`, { recursive: true, encoding: 'utf8' })) {
      if (!/\.tsx?$/.test(name)) continue;
      const lines = readFileSync(`${root}${folder}/${name}`, 'utf8')
        .split('\n')
        .filter((line) => line.trim() !== '').length;
      all += lines;
      if (IS_TEST.test(`${folder}/${name}`)) tests += lines;
    }
  return ((100 * tests) / all).toFixed(1);
}
