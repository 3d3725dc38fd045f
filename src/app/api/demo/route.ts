import * as z from 'zod';
import { refused } from '../refused';
import { scenario } from './scenarios';

const query = z.object({
  // A diary runs over three years and more: days on which those would leave the calendar have none.
  date: z.iso
    .date()
    .refine((day) => day >= '1970-01-01' && day <= '2199-12-31', 'a day from 1970 to 2199 is wanted')
    .default('2026-05-16'),
  seed: z.coerce.number().int().min(0).max(1_000_000).default(1),
});

/** The demo scenario for a date and seed, as entries of the open format. */
export async function GET(request: Request): Promise<Response> {
  const asked = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success) {
    const first = asked.error.issues[0];
    return Response.json(
      { error: `${first?.path.join('.') ?? ''}: ${first?.message ?? ''}` },
      { status: 400 },
    );
  }
  const { date, seed } = asked.data;
  try {
    return new Response(await scenario(date, seed), {
      headers: { 'Content-Type': 'application/json', 'Cache-Control': 'public, max-age=86400' },
    });
  } catch {
    return Response.json({ error: `date: there is no scenario for ${date}` }, { status: 400 });
  }
}

export { refused as POST, refused as PUT, refused as PATCH, refused as DELETE };
