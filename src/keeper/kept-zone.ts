import { withDays, type Entry } from '@/core/log';
import type { OldDays } from './log-reader';
import type { YardPort } from './port';
import { daysOf, zoneName } from './zone';
import { zoneMark } from './zone-mark';

/** The zone whose days entries from before days were kept belong to: where this device stood when it first read them. */
export class KeptZone {
  private zone: string | undefined;
  /** What was worked out last, and where this device stood then: asking for a zone by name costs a slow phone a moment. */
  private worked: { readonly at: string; readonly oldDays: OldDays } | undefined;

  constructor(private readonly port: YardPort) {}

  private async name(): Promise<string> {
    if (this.zone !== undefined) return this.zone;
    const kept = await this.port.get('meta', 'zone');
    const zone = typeof kept === 'string' ? kept : zoneName();
    if (kept === undefined)
      // Whoever cannot keep it asks again the next time.
      await this.port
        .change({
          put: [{ shelf: 'meta', key: 'zone', value: zone }],
          when: [{ shelf: 'meta', key: 'zone', is: 'gone' }],
        })
        .catch(() => undefined);
    this.zone = zone;
    return zone;
  }

  /** Adds days to old entries only where they would be others here. */
  async oldDays(): Promise<OldDays> {
    const zone = await this.name();
    const at = zoneMark();
    if (this.worked?.at !== at) this.worked = { at, oldDays: zone === zoneName() ? undefined : daysOf(zone) };
    return this.worked.oldDays;
  }

  /** Entries with the days they were written on, those from before days were kept with those of their zone. */
  async dated(entries: readonly Entry[]): Promise<readonly Entry[]> {
    const dayOf = daysOf(await this.name());
    return entries.map((entry) => withDays(entry, dayOf));
  }
}
