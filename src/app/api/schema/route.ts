import { entryJsonSchema } from '@/core/exchange';
import { refused } from '../refused';

/** It is the same for as long as the server runs. */
const schema = JSON.stringify(entryJsonSchema());

/** The JSON Schema of one line of an archive's log: the open format. */
export function GET(): Response {
  return new Response(schema, {
    headers: { 'Content-Type': 'application/schema+json', 'Cache-Control': 'public, max-age=86400' },
  });
}

export { refused as POST, refused as PUT, refused as PATCH, refused as DELETE };
