import { findingClosed, findingOpened, findingSeen } from './kinds/finding';
import { decision } from './kinds/decision';
import { figure } from './kinds/figure';
import { fits } from './kinds/fits';
import { orderBack, orderOut } from './kinds/order';
import { paper } from './kinds/paper';
import { kit } from './kinds/kit';
import { lights } from './kinds/lights';
import { meterRead } from './kinds/meter';
import { note } from './kinds/note';
import { recheck } from './kinds/recheck';
import { opinion } from './kinds/opinion';
import { photo } from './kinds/photo';
import { reading } from './kinds/reading';
import { partFitted, partMoved, partRead } from './kinds/part';
import { rigChanged, rigRetired, rigReturned, rigSetup } from './kinds/rig';
import { ruleChosen } from './kinds/rules';
import { surveyed } from './kinds/survey';
import { trip, tripBegun, tripMark, tripPlanned } from './kinds/trip';
import { planKept, planSet } from './kinds/plan';
import { letGo } from './kinds/let-go';
import { deferral } from './kinds/deferral';
import { happening } from './kinds/event';
import { seasonSet } from './kinds/season';
import { findingWaits } from './kinds/waits';
import { supply } from './kinds/supply';
import { trouble } from './kinds/trouble';
import { voided } from './kinds/void';
import { walk } from './kinds/walk';
import { work } from './kinds/work';

/** Every kind of entry this version writes and reads. */
export const REGISTRY = {
  'rig.setup': rigSetup,
  'rig.changed': rigChanged,
  'rig.retired': rigRetired,
  'rig.returned': rigReturned,
  trip,
  'trip.planned': tripPlanned,
  'trip.begun': tripBegun,
  'trip.mark': tripMark,
  meter: meterRead,
  work,
  recheck,
  'finding.opened': findingOpened,
  walk,
  reading,
  lights,
  'finding.seen': findingSeen,
  'finding.waits': findingWaits,
  'finding.closed': findingClosed,
  photo,
  opinion,
  decision,
  figure,
  trouble,
  kit,
  paper,
  fits,
  supply,
  order: orderOut,
  'order.back': orderBack,
  'part.fitted': partFitted,
  'part.moved': partMoved,
  'part.read': partRead,
  survey: surveyed,
  'rule.chosen': ruleChosen,
  season: seasonSet,
  deferral,
  'let.go': letGo,
  'plan.set': planSet,
  'plan.kept': planKept,
  event: happening,
  note,
  void: voided,
} as const;

/** The name of every kind. */
export const KINDS = Object.keys(REGISTRY) as readonly (keyof typeof REGISTRY)[];
