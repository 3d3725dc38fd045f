import * as z from 'zod';
import { demoEntries } from '../../../../demo/scenario';

const query = z.object({
  date: z.iso.date().default('2026-05-16'),
  seed: z.coerce.number().int().min(0).max(1_000_000).default(1),
});

/** The demo scenario for a date and seed, as entries of the open format. */
export function GET(request: Request): Response {
  const asked = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success) {
    const first = asked.error.issues[0];
    return Response.json(
      { error: `${first?.path.join('.') ?? ''}: ${first?.message ?? ''}` },
      { status: 400 },
    );
  }
  const { date, seed } = asked.data;
  return Response.json({ date, seed, entries: demoEntries(date, seed) });
}
