/** What a renewal of brakes costs for one axle pair; money in one currency, hours of one's own. */
export interface BrakeOffer {
  /** Shoes, hardware and magnets, and the hours to fit them. */
  readonly parts: number;
  readonly partsHours: number;
  /** Loaded plates, and their hours. */
  readonly plates: number;
  readonly platesHours: number;
  /** What an hour of one's own is worth. */
  readonly rate: number;
  /** A shop's price for it, if one was given. */
  readonly quote?: number | undefined;
}

/** The ways side by side, and the rate at which parts and plates come to the same. */
export interface BrakeCost {
  readonly parts: number;
  readonly plates: number;
  readonly shop: number | undefined;
  readonly cheapest: 'parts' | 'plates' | 'shop';
  /** Above this rate plates are cheaper; undefined where one way is cheaper at any rate. */
  readonly breakEven: number | undefined;
}

/** Parts, plates or a shop for an axle pair (handbook 8.6). */
export function brakeCost(offer: BrakeOffer): BrakeCost {
  const parts = offer.parts + offer.partsHours * offer.rate;
  const plates = offer.plates + offer.platesHours * offer.rate;
  const hours = offer.partsHours - offer.platesHours;
  // Hours that differ by less than a minute are the same.
  const even = Math.abs(hours) < 1 / 60 ? undefined : (offer.plates - offer.parts) / hours;
  const own = parts <= plates ? 'parts' : 'plates';
  const cheapest = offer.quote !== undefined && offer.quote < Math.min(parts, plates) ? 'shop' : own;
  return {
    parts,
    plates,
    shop: offer.quote,
    cheapest,
    breakEven: even !== undefined && even > 0 ? even : undefined,
  };
}
