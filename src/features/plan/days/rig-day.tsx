'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { cardOf, standsRain, timeOf } from '@/core/plan';
import { torquesMissing } from '@/core/routine';
import { to, toWork } from '@/links';
import { usePreferences } from '@/store';
import { BOLT_WORDS, jobsTitle, layOut, minutes } from '@/text';
import { orderByWords, planDay } from '@/text/plan';
import { LinkButton, useSame } from '@/ui';
import type { Shown } from './shown';

/** What one rig's card of the day asks for: its start, its tools, its parts with the day to order them by, and what is not known. */
export function RigDay({ plan, post, view, name }: Shown & { name: boolean }) {
  const { units } = usePreferences();
  const { rig, model, house } = view;
  const works = post.works.flatMap((j) => {
    const work = plan.yard.works[j];
    return work?.rig === rig.id ? [work] : [];
  });
  const asked = works.flatMap((work) => work.jobs);
  const jobs = useSame(asked, JSON.stringify(asked));
  const laid = useMemo(() => {
    const card = cardOf({ rig, model, house }, jobs);
    if (!card.ok) return undefined;
    return {
      time: timeOf(card.value, rig.pace),
      missing: torquesMissing(card.value),
      ...layOut(card.value, model, rig, house, units),
    };
  }, [jobs, rig, model, house, units]);
  if (jobs.length === 0 || !laid) return null;
  const order = orderByWords(works, post.day, plan.yard, view.now);
  const dry = works.filter((work) => work.jobs.every(standsRain));
  const { time, tools, used, parts, missing } = laid;
  return (
    <section aria-label={`${view.model.name} on ${planDay(post.day, view.now)}`} className="grid gap-2.5">
      <h3 className="text-lg">{name ? view.model.name : 'What it needs'}</h3>
      <p>
        Card: <strong className="figures">{minutes(Math.round(time.minutes))}</strong>, likely{' '}
        {minutes(Math.round(time.low / 5) * 5)} to {minutes(Math.round(time.high / 5) * 5)},{' '}
        {time.own > 0.5 ? 'at your own pace' : 'at the usual pace'}.
      </p>
      {order && (
        <p>
          <strong>{order.by}:</strong> {order.what}{' '}
          <Link prefetch={false} href={to('order', rig.id)} className="underline underline-offset-4">
            What to order
          </Link>
        </p>
      )}
      {missing.length > 0 && (
        <p>
          <strong>Not known yet:</strong> {missing.map((of) => BOLT_WORDS[of]).join(', ')} torque. The card
          asks for it before it starts.
        </p>
      )}
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">
          Tools and parts, {tools.length + used.length + parts.length}
        </summary>
        <ul className="columns-1 gap-6 sm:columns-2">
          {[...parts, ...used, ...tools].map((item, i) => (
            <li key={`${item.name} ${i}`} className="break-inside-avoid py-0.5">
              {item.name}
              {item.note && <span className="text-soft">, {item.note}</span>}
            </li>
          ))}
        </ul>
      </details>
      <p className="text-soft">
        {dry.length === works.length
          ? 'In the rain all of it can go on half under a roof: nothing is raised.'
          : dry.length > 0
            ? `If it rains: ${jobsTitle(dry.flatMap((work) => work.jobs))} can go on half under a roof. The rest needs firm, dry ground.`
            : 'If it rains it has to wait: all of it needs firm, dry ground.'}
      </p>
      <LinkButton look="primary" href={toWork(rig.id, jobs)}>
        {name ? `Open ${view.model.name}'s job card` : 'Open the job card'}
      </LinkButton>
    </section>
  );
}
