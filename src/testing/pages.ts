import type { ComponentType } from 'react';

type PageModule = { readonly default: ComponentType };

/** The pages of the application by their route, each loaded when a test first opens it. */
export const PAGES: Readonly<Record<string, () => Promise<PageModule>>> = {
  '/': () => import('@/app/page'),
  '/bench': () => import('@/app/bench/page'),
  '/end': () => import('@/app/end/page'),
  '/figures': () => import('@/app/figures/page'),
  '/finding': () => import('@/app/finding/page'),
  '/identify': () => import('@/app/identify/page'),
  '/keep': () => import('@/app/keep/page'),
  '/kit': () => import('@/app/kit/page'),
  '/lights': () => import('@/app/lights/page'),
  '/logbook': () => import('@/app/logbook/page'),
  '/money': () => import('@/app/money/page'),
  '/papers': () => import('@/app/papers/page'),
  '/parts': () => import('@/app/parts/page'),
  '/plan': () => import('@/app/plan/page'),
  '/practice': () => import('@/app/practice/page'),
  '/rig': () => import('@/app/rig/page'),
  '/rules': () => import('@/app/rules/page'),
  '/setup': () => import('@/app/setup/page'),
  '/sheet': () => import('@/app/sheet/page'),
  '/survey': () => import('@/app/survey/page'),
  '/to-order': () => import('@/app/to-order/page'),
  '/trouble': () => import('@/app/trouble/page'),
  '/walk': () => import('@/app/walk/page'),
};
