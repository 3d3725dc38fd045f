/**
 * The unit tests gathered for `npm test`: small files of a folder share one load of their modules, which costs more than
 * the tests themselves. Nothing is moved: each file runs alone as well (`npx jest <file>`).
 */
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { root } from './steps.mjs';

const GATHERED = 'test-results/suites';
/** What is about the module itself, its environment or its clock has a load of its own. */
const ALONE =
  /@jest-environment|jest\.(mock|doMock|resetModules|isolateModules|useFakeTimers|spyOn)|process\.env|globalThis\./;
/** So much text of tests (bytes) one load serves at the most. */
const MOST = 60_000;
/** A case of the page costs about so many times what its text would. */
const PAGE = 5;

const filesOf = (folder) =>
  readdirSync(`${root}${folder}`, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.test\.tsx?$/.test(file))
    .map((file) => `${folder}/${file}`)
    .sort();

/** Writes the suites; gives the files to run in so many parts of about equal work. */
export function gatherSuites(parts) {
  rmSync(`${root}${GATHERED}`, { recursive: true, force: true });
  mkdirSync(`${root}${GATHERED}`, { recursive: true });
  const files = [];
  const folders = new Map();
  for (const file of ['src', 'demo', 'attack'].flatMap(filesOf)) {
    const text = readFileSync(`${root}${file}`, 'utf8');
    const { size } = statSync(`${root}${file}`);
    if (ALONE.test(text)) {
      files.push({ file, size: text.includes('@jest-environment') ? size * PAGE : size });
      continue;
    }
    // The folder of a feature's part is the feature's.
    const folder = dirname(file).split('/').slice(0, 3).join('-');
    folders.set(folder, [...(folders.get(folder) ?? []), { file, size }]);
  }
  for (const [folder, members] of folders) {
    let held = [];
    const seal = () => {
      if (held.length === 0) return;
      const file = `${GATHERED}/${folder}-${files.length}.test.ts`;
      writeFileSync(
        `${root}${file}`,
        held
          .map(
            (one) =>
              `describe('${one.file}', () => {\n  require('../../${one.file.replace(/\.tsx?$/, '')}');\n});\n`,
          )
          .join(''),
      );
      files.push({ file, size: held.reduce((sum, { size }) => sum + size, 0) });
      held = [];
    };
    for (const member of members) {
      if (held.reduce((sum, { size }) => sum + size, member.size) > MOST) seal();
      held.push(member);
    }
    seal();
  }
  const shares = Array.from({ length: parts }, () => ({ size: 0, files: [] }));
  for (const { file, size } of files.sort((a, b) => b.size - a.size)) {
    const [least] = shares.sort((a, b) => a.size - b.size);
    least.size += size;
    least.files.push(file);
  }
  return shares.map((share) => share.files);
}
