import { entryJsonSchema } from '@/core/exchange';

/** The JSON Schema of one line of an archive's log: the open format. */
export function GET(): Response {
  return Response.json(entryJsonSchema(), { headers: { 'Content-Type': 'application/schema+json' } });
}
