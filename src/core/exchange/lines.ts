/** Letters of one line, and how deep it may nest: beyond what any entry comes to. */
const LONGEST = 1024 * 1024;
const DEEPEST = 32;

/** True for a line that is longer or nests deeper than any entry does: nothing reads it. */
export function isNoEntry(line: string): boolean {
  return line.length > LONGEST || isTooDeep(line);
}

function isTooDeep(line: string): boolean {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < line.length; i++) {
    const letter = line.charCodeAt(i);
    if (quoted) {
      if (letter === 92) i += 1;
      else if (letter === 34) quoted = false;
    } else if (letter === 34) quoted = true;
    else if (letter === 91 || letter === 123) {
      depth += 1;
      if (depth > DEEPEST) return true;
    } else if (letter === 93 || letter === 125) depth -= 1;
  }
  return false;
}
