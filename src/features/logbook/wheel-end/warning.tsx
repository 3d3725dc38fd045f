'use client';

import { sameFinding, trendEntry } from '@/core/record';
import { leadsFor, type Trend } from '@/core/judge';
import type { TirePlace } from '@/core/rig';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { to } from '@/links';
import { leadWords } from '@/text';
import { Button, LinkButton, reported } from '@/ui';

/** What a warning leads to: likely causes, and the finding that keeps it. */
export function Warning({ trend, view, place }: { trend: Trend; view: RigView; place: TirePlace }) {
  const record = useRecord();
  const { rig, house } = view;
  const of = { trend: trend.kind };
  const open = sameFinding(rig.findings, place, of);
  const leads = leadsFor(of, place, rig, house);
  return (
    <div className="border-due mt-4 grid gap-3 border-l-4 pl-4">
      <ul className="grid gap-1">
        {leads.slice(0, 3).map((lead) => (
          <li key={lead.code}>{leadWords(lead)}</li>
        ))}
      </ul>
      <div>
        {open ? (
          <LinkButton href={to('finding', rig.id, { id: open.id })}>To its finding</LinkButton>
        ) : (
          <Button
            onClick={() => reported(record(rig.id, [trendEntry(trend, place, view)], 'Finding opened'))}
          >
            Open a finding of it
          </Button>
        )}
      </div>
    </div>
  );
}
