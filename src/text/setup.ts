import type { HubKind, RigKind, TemplateId } from '@/core/rig';

export const KIND_HINTS: Record<RigKind, string> = {
  rv: 'travel trailer, camper',
  boat: 'goes into the water',
  utility: 'flatbed, cargo, dump',
};

export const HUB_HINTS: Record<HubKind, string> = {
  plain: 'metal cap, no fitting',
  drilled: 'grease fitting under a rubber plug in the cap',
  'pressure-cap': 'spring-loaded cap with a fitting, boats',
  'oil-bath': 'clear window, oil inside',
  sealed: 'long-life hub, not opened at home',
};

export const TEMPLATE_WORDS: Record<TemplateId, { readonly name: string; readonly hint: string }> = {
  'tandem-rv': { name: 'Travel trailer, two axles', hint: 'leaf springs on equalizers, electric brakes' },
  'single-rv': { name: 'Small camper, one axle', hint: 'torsion axle, electric brakes' },
  'single-boat': { name: 'Boat trailer, one axle', hint: 'leaf springs, no brakes, pressure caps' },
  'tandem-boat': { name: 'Boat trailer, two axles', hint: 'torsion axles, hydraulic disc brakes' },
  'single-utility': { name: 'Utility trailer, one axle', hint: 'leaf springs, no brakes, ramp' },
  'tandem-utility': { name: 'Flatbed, two axles', hint: 'leaf springs on equalizers, electric brakes' },
};
