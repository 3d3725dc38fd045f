const nameOf = (error: unknown) => (error instanceof Error ? error.name : '');
const reasonOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** What is said when the device could not store something: what happened, and what to do. */
export function unstoredWords(error: unknown): string {
  if (nameOf(error) === 'YardGone')
    return 'This yard was cleared or started over in another tab: nothing was logged. Reload this one.';
  if (nameOf(error) === 'SimulatedRefused')
    return 'These figures are simulated: they belong to the demo, and your own log does not take them. Nothing was logged.';
  if (nameOf(error) === 'QuotaExceededError')
    return 'This device is full: it could not store this, so it is not logged. What you typed is still here: free some space and tap again. You can still save an archive.';
  // A fault of ours: its form ought to have refused it at the field.
  if (isRefused(error))
    return 'A figure or date here is outside of what the log takes, so it is not logged. What you typed is still here: check it.';
  return `The device could not store this, so it is not logged: ${reasonOf(error)}`;
}

/** True for what the log's own schema refused, here or in a worker. */
function isRefused(error: unknown): boolean {
  return /^\$?Zod/.test(nameOf(error));
}

/** Why a picture was not kept, at the field it was taken at: it is still in hand there. */
export function unstoredPhotoWords(error: unknown): string {
  return nameOf(error) === 'QuotaExceededError'
    ? 'This device is full: the photo is not stored. It is still in hand: free some space and try again.'
    : 'This device did not store the photo. It is still in hand: try again.';
}

/** Why a yard does not open, and what to do about it. */
export function shutWords(reason: string): { readonly title: string; readonly what: string } {
  if (/cleared or begun afresh/.test(reason))
    return {
      title: 'This yard is another one by now',
      what: `${reason} Reload this one to see what is there.`,
    };
  if (
    /SecurityError|insecure|denied|blocked|not available|MissingAPI|InvalidState|IndexedDB API/i.test(reason)
  )
    return {
      title: 'This browser keeps nothing for this site',
      what: 'Yardline keeps its log on this device. Allow site data and cookies for it, or leave the private window, and reload.',
    };
  if (/does not answer/.test(reason))
    return {
      title: 'The storage of this browser does not answer',
      what: 'Close other tabs of Yardline, then this browser, and open it again. The log lies on the device: nothing of it was changed.',
    };
  if (/Quota/i.test(reason))
    return {
      title: 'This device is full',
      what: 'Free some space and reload. Nothing of the log was changed.',
    };
  return {
    title: 'The log cannot be read',
    what: 'Nothing was changed. Close other tabs of Yardline and reload this one; if it keeps happening, the browser may be blocking storage for this site.',
  };
}

/** What is said when something that lies on the device could not be shown. */
export function unreadWords(error: unknown): string {
  return `Something on this device could not be read: ${reasonOf(error)}`;
}

/** Why a file was not taken as a picture. */
export function photoWords(
  problem:
    | { readonly code: 'too-large'; readonly bytes: number }
    | { readonly code: 'not-an-image'; readonly type: string }
    | { readonly code: 'empty' },
): string {
  switch (problem.code) {
    case 'too-large':
      return `This file has ${Math.round(problem.bytes / 1e6)} MB; pictures up to 30 MB are taken. Take it again with the phone’s camera, or choose a smaller one.`;
    case 'not-an-image':
      return problem.type.startsWith('image/')
        ? 'This picture cannot be opened by your browser. Choose it as JPEG or PNG.'
        : 'This file is not a picture. Choose a photo.';
    case 'empty':
      return 'This file is empty. Choose another.';
  }
}
