import { demoEntries } from '../../../../demo/scenario';

/** Made once, when the application is built: every visitor's demo begins with the same log. */
export const dynamic = 'force-static';

/** The demo's log, as entries of the open format. */
export function GET(): Response {
  return Response.json({ entries: demoEntries() });
}
