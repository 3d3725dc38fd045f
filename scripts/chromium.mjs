/** How Debian's Chromium is started here: without a sandbox of its own, and asking nobody on the network for anything. */
export const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
