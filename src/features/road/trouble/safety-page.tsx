import { usePreferences } from '@/store';
import { inUnits } from '@/text';
import { Button, Choice } from '@/ui';
import { asksOfSpot, SPOT_QUESTIONS, type SpotQuestion } from '@/core/road';
import type { ChangeTrouble, TroubleDraft } from './trouble-draft';

const SAFETY_WORDS: Readonly<Record<SpotQuestion, string>> = {
  place: 'Off the road, 6 ft (2 m) from the lane?',
  level: 'Firm and level?',
  alone: 'Are you alone?',
  traffic: 'Traffic runs on which side of the trailer?',
  night: 'Is it dark?',
  lamps: 'Lamps on you and on the rig?',
};

const ANSWER_WORDS = { yes: 'Yes', no: 'No', left: 'Left', right: 'Right' } as const;

/** What the answers on the place come to. */
function placeSays({
  place,
  level,
  alone,
  traffic,
  night,
  lamps,
}: TroubleDraft['safety']): readonly string[] {
  return [
    ...(place === 'no'
      ? ['Nobody works here. If it rolls, creep to a safe place; if not, stay away from it and call.']
      : []),
    ...(level === 'no' ? ['Nothing is lifted on a slope or on soft ground.'] : []),
    ...(alone === 'yes'
      ? [
          `Nothing is worked at on the ${traffic ?? 'traffic'} side. Send a message first: where you are, what you do.`,
        ]
      : []),
    ...(night === 'yes' && lamps !== 'yes' ? ['Nobody works in the dark without lamps.'] : []),
  ];
}

/** Safety first: short, large, not skipped. At home only what lifting asks. */
export function SafetyPage({ draft, onChange }: { draft: TroubleDraft; onChange: ChangeTrouble }) {
  const { units } = usePreferences();
  const said = placeSays(draft.safety);
  const asked = asksOfSpot({ ...draft.safety, met: draft.met });
  const all = draft.met !== undefined && asked.every((id) => draft.safety[id] !== undefined);
  return (
    <div className="grid gap-6">
      <h1 className="text-4xl md:text-5xl">People first</h1>
      <ul className="grid gap-2 text-xl leading-snug md:text-2xl">
        <li>
          Off the road. Hazard lamps, parking brake. Nobody stays in the trailer; gas shut at its bottle where
          that is safe.
        </li>
        <li>
          Everyone out on the side away from traffic, behind the barrier and back from the rig, never ahead of
          it. Vest on, triangles out; on a freeway only where you walk behind the barrier to set them.
        </li>
        <li>No safe way out, as in a lane or on a bridge: belts on, hazard lamps, call for help.</li>
        <li>
          <strong className="text-stop">Flames:</strong> everyone out and {inUnits('{100 ft}', units)} upwind,{' '}
          {inUnits('{300 ft}', units)} and behind something solid with gas or fuel aboard. Fire service first;
          an extinguisher only while it is small, from upwind, a way out behind you, one try.
        </li>
        <li>
          <strong className="text-stop">Smoke:</strong> no water on hot metal, no cap opened, let it cool with
          the wheel on.
        </li>
        <li>
          <strong className="text-stop">A tire</strong> that is hot, low, smoking or being filled bursts
          sideways: stand in line with its tread, {inUnits('{50 ft}', units)} off while it smokes.
        </li>
      </ul>
      <Choice
        label="Where are you?"
        columns="grid-cols-2"
        big
        options={[
          { value: 'road', label: 'On the road' },
          { value: 'home', label: 'At home' },
        ]}
        value={draft.met}
        onChange={(met) => onChange((before) => ({ ...before, met }))}
      />
      {draft.met === 'home' && (
        <p className="border-accent border-l-4 pl-4 text-lg">
          Found at home: no limits in miles. It is put right before the next trip, or it stays.
        </p>
      )}
      {draft.met && (
        <div className="grid gap-4 sm:grid-cols-2">
          {asked.map((id) => (
            <Choice
              key={id}
              label={SAFETY_WORDS[id]}
              columns="grid-cols-2"
              big
              options={SPOT_QUESTIONS[id].map((value) => ({ value, label: ANSWER_WORDS[value] }))}
              value={draft.safety[id]}
              onChange={(answer) =>
                onChange((before) => ({ ...before, safety: { ...before.safety, [id]: answer } }))
              }
            />
          ))}
        </div>
      )}
      {said.length > 0 && (
        <ul
          role="status"
          className="border-stop bg-stop-wash grid gap-1 rounded-r-sheet border-l-[6px] px-4 py-3 text-lg"
        >
          {said.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      <Button
        look="primary"
        size="lg"
        disabled={!all}
        onClick={() => onChange((before) => ({ ...before, safe: true }))}
      >
        {!all ? 'Answer these first' : draft.trouble ? 'On to what decides' : 'What do you see?'}
      </Button>
    </div>
  );
}
