import {
  axleOf,
  hubOpens,
  isGuess,
  isSpare,
  isWheelEnd,
  type Place,
  type TirePlace,
  type WheelEnd,
} from '@/core/rig';
import { lugTorque } from '@/core/rules';
import { PartRows, threadsOf, type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { BASIS_WORDS, day, HUB_WORDS, measure, targetWords, THICKENER_WORDS, torqueSpec } from '@/text';
import { cx } from '@/ui';

function EndRows({ view, place }: { view: RigView; place: WheelEnd }) {
  const { units } = usePreferences();
  const { rig, model, now } = view;
  const axle = model.axles[axleOf(place)];
  const play = rig.endPlay[place];
  const grease = rig.grease[place];
  const threads = threadsOf(view, place);
  if (!axle) return null;
  return (
    <>
      <dt className="text-soft">Hub</dt>
      <dd>
        {axle.hub ? HUB_WORDS[axle.hub] : 'not known'}
        {!hubOpens(axle) && ', stays shut'}
      </dd>
      <dt className="text-soft">Lug torque</dt>
      <dd className={cx(isGuess(lugTorque(model, threads)) && 'text-soon italic')}>
        {threads ? torqueSpec(model, units, threads) : 'not known until its threads are wiped dry'}
      </dd>
      <dt className="text-soft">End play, worked out</dt>
      <dd>{play ? `${measure(play.play, 'length', units)}, set ${day(play.at, now)}` : 'not on record'}</dd>
      <dt className="text-soft">Grease in it</dt>
      <dd>{grease ? THICKENER_WORDS[grease] : 'not on record'}</dd>
      {axle.threadPitch && (
        <>
          <dt className="text-soft">Thread pitch</dt>
          <dd>
            {measure(axle.threadPitch.value, 'length', units, units === 'us' ? 4 : 2)},{' '}
            {BASIS_WORDS[axle.threadPitch.source]}
          </dd>
        </>
      )}
    </>
  );
}

function TireRows({ view, place }: { view: RigView; place: TirePlace }) {
  const { units } = usePreferences();
  const { rig, model, house, now } = view;
  const last = rig.read[`pressure@${place}`];
  return (
    <>
      <dt className="text-soft">Set cold to</dt>
      <dd>{targetWords(model, house, units) ?? 'not known'}</dd>
      <dt className="text-soft">Left at</dt>
      <dd>
        {last
          ? `${measure(last.value, 'pressure', units)}${last.warm ? ', warm' : ''}, ${day(last.at, now)}`
          : 'not read'}
      </dd>
    </>
  );
}

/** What is known of a place: its figures where it is a wheel end, and the parts that sit there. */
export function PlaceFacts({ view, place, end }: { view: RigView; place: Place; end: WheelEnd | undefined }) {
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5 py-4 empty:hidden">
      {end && <EndRows view={view} place={end} />}
      {(isWheelEnd(place) || isSpare(place)) && <TireRows view={view} place={place} />}
      <PartRows view={view} place={place} />
    </dl>
  );
}
