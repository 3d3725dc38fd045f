/** What is said when the device could not store something. */
export function unstoredWords(error: unknown): string {
  const reason = error instanceof Error ? error.message : String(error);
  return `The device could not store this, so it is not logged: ${reason}`;
}

/** What is said when something that lies on the device could not be shown. */
export function unreadWords(error: unknown): string {
  const reason = error instanceof Error ? error.message : String(error);
  return `Something on this device could not be read: ${reason}`;
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
