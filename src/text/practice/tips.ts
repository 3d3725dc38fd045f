import type { Pictured } from '@/core/practice';
import type { GradeId, Subject } from '@/core/rules';

/** Every grade that has a picture, and no other. */
type Tips = { readonly [S in keyof Pictured]: Readonly<Record<keyof Pictured[S], string>> };

/** What tips a condition into its grade: what to look for, and what it is not. */
const TIPS: Tips = {
  lining: {
    good: 'Thick, and nothing on its face.',
    hairline: 'The cracks are fine and end inside the lining. None reaches an edge.',
    thin: 'Less than twice the least thickness, the dashed line. It is not at it yet.',
    'at-minimum': 'At or under the dashed line: worn out, however clean the face.',
    cracked: 'The crack reaches the edge: a piece can break out.',
    greasy: 'Grease or oil is on the face. It soaks in; wiping does not save it.',
    gone: 'Metal shows. It is eating the drum.',
  },
  drum: {
    smooth: 'No line catches a fingernail.',
    'light-grooves': 'Fine lines all the way around, none deep.',
    'deep-grooves': 'A fingernail falls in and stays.',
    blue: 'Blue spots: it ran hot enough to change the iron.',
    cracked: 'A crack right across the face. It can come apart under braking.',
  },
  magnet: {
    even: 'Both wear marks are plain and the face is worn alike.',
    faint: 'The marks can still be found, but only just.',
    uneven: 'One side is worn more: it sits crooked on its arm.',
    'marks-gone': 'No marks are left: it is at the end of its wear.',
    greasy: 'Grease on the face: it slides and does not grab.',
    'coil-showing': 'The copper winding shows: it shorts against the drum.',
  },
  rollers: {
    mirror: 'Bright and even. A light reflection is not a mark.',
    stained: 'Dull brown patches with no edge a fingernail would catch.',
    pitted: 'Small holes in the metal. They only grow.',
    blue: 'Blue: it ran without grease, and the hardness is gone.',
    broken: 'A roller is missing or the cage is broken.',
  },
  spindle: {
    smooth: 'Nothing at the seal land, nothing on the journals.',
    'wear-line': 'A line where the seal lip ran. A fingernail glides over it.',
    step: 'A step at the seal land that a fingernail catches: the new seal will leak.',
    heat: 'Blue or brown: it was hot enough to lose its strength.',
    scored: 'Deep marks where a bearing turned on it.',
  },
  seal: {
    dry: 'Dry all the way around, lip whole.',
    damp: 'A dull, moist arc. Nothing hangs from it.',
    weeping: 'Grease stands at the lip or runs down. A drop makes it weeping, not damp.',
    damaged: 'The lip is nicked or torn.',
    'line-behind': 'Line or string is wound in behind it: it cuts the lip.',
    'on-shoes': 'Grease has reached the shoes: the brake there is gone.',
  },
  'old-grease': {
    'as-new': 'The color of the new dab beside it.',
    darkened: 'Darker than new, but smooth: used, not spoiled.',
    thin: 'Oil has run out of it and stands in a ring.',
    water: 'Milky or rusty: water was in there.',
    metal: 'It sparkles: metal is wearing off somewhere.',
    burnt: 'Black, dry, cracked: it ran hot.',
  },
  'tire-wall': {
    clean: 'Nothing but its molded lines.',
    crazed: 'Many fine lines, none that opens.',
    cracks: 'Cracks that open when you bend the wall.',
    'flat-spot': 'It does not run round any more: it stood too long or was locked.',
    cut: 'Cut through to the fabric.',
    bulge: 'A bulge: the cords under it are broken.',
    cord: 'The cords show.',
  },
  wear: {
    even: 'All blocks stand alike.',
    edges: 'Both edges are lower: it ran too soft.',
    middle: 'The middle is lower: it ran too hard.',
    'one-side': 'Lower toward one side: axle or spindle is bent, or worn.',
    cupped: 'High and low in turn: balance, or a worn suspension.',
  },
  tread: {
    deep: 'Well above the wear bars.',
    worn: 'Nearing the bars, not at them.',
    'at-limit': 'Level with the wear bars.',
    cord: 'No rubber left over the cords.',
  },
  'tread-object': {
    none: 'Only the grooves themselves.',
    stone: 'A stone sits in a groove, not in the rubber. Pick it out.',
    nail: 'A head of metal in the rubber. Leave it in until it can be plugged or the tire replaced.',
  },
  cap: {
    on: 'Seated square, dry around its edge.',
    dented: 'Dented, but seated and dry.',
    cracked: 'Cracked: water gets in.',
    loose: 'A dark gap at one side: it does not sit square.',
    leaking: 'Grease has come out around its edge.',
    missing: 'The cap is gone; the pin is still in the nut.',
    'lock-gone': 'The cap is gone and no pin is in the nut: the nut can turn off.',
  },
  oil: {
    'at-mark': 'Level with the line, and clear.',
    low: 'Clear, but below the line.',
    milky: 'Milky: water is in it.',
    dark: 'Dark: it ran hot, or is long overdue.',
    metal: 'Specks at the bottom: metal is wearing off.',
    empty: 'Nothing stands in the window.',
  },
  disc: {
    smooth: 'Nothing catches a fingernail on its face.',
    'light-grooves': 'Fine rings, none deep.',
    'deep-grooves': 'Deep rings that hold a fingernail.',
    cracked: 'A crack from the rim inward. It can come apart under braking.',
  },
  'wheel-well': {
    sound: 'Paint whole.',
    rust: 'Spots on the surface: prime and coat them while the wheel is off.',
    scale: 'It lifts in flakes and the sheet under it is thin.',
    through: 'A hole near the mount.',
  },
  weld: {
    sound: 'The bead is whole on both sides.',
    rust: 'Rust on top, no line through it.',
    'main-crack': 'A crack beside the bead, where the metal got hot. It is on a main member.',
    through: 'The crack goes right through.',
  },
  strap: {
    sound: 'Edges clean.',
    fuzzed: 'A soft fuzz at the edges; no thread is broken through.',
    frayed: 'Threads are broken and stand out: it is cut into at the edge.',
    stiff: 'Stiff and stained with rust.',
    cut: 'Cut through.',
  },
  pivot: {
    'no-play': 'The bolt fills its bushing.',
    seen: 'A thin gap under the bolt.',
    bright: 'Bright metal round the eye: it has been rubbing.',
    oval: 'The eye itself is worn long: the spring goes with it.',
    cracked: 'A crack from the eye outward.',
  },
};

/** What makes a picture what it is. */
export function tipOf(subject: Subject, grade: GradeId): string {
  const tips: Readonly<Partial<Record<Subject, Readonly<Record<string, string>>>>> = TIPS;
  return tips[subject]?.[grade] ?? '';
}
