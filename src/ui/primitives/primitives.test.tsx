import { renderToStaticMarkup } from 'react-dom/server';
import { Button, Choice, Field, SheetForm, Stepper, TextArea } from '..';

const draw = renderToStaticMarkup;
const none = () => undefined;

/** The value of an attribute of the first element that has it. */
const attribute = (html: string, name: string) => new RegExp(` ${name}="([^"]*)"`).exec(html)?.[1];

describe('a field', () => {
  test('is named by its label, described by its hint and by what is wrong', () => {
    const html = draw(
      <Field
        label="Towed"
        unit="mi"
        hint="by the trailer"
        error="A figure is missing here."
        onChange={none}
        value=""
      />,
    );
    const id = attribute(html, 'for');
    expect(html).toContain(`id="${id}"`);
    expect(attribute(html, 'aria-describedby')).toBe(`${id}-hint ${id}-error`);
    expect(attribute(html, 'aria-invalid')).toBe('true');
    expect(html).toContain(`id="${id}-error"`);
    expect(html).toContain('role="alert"');
    expect(html).toContain('>mi<');
  });

  test('that is sound says nothing of errors', () => {
    const html = draw(<Field label="Towed" onChange={none} value="12" />);
    expect(html).not.toContain('aria-invalid');
    expect(html).not.toContain('aria-describedby');
    expect(html).not.toContain('role="alert"');
  });

  test('of several lines is named and described alike', () => {
    const html = draw(<TextArea label="What" error="Say what it is." value="" onChange={none} />);
    expect(html).toContain(`id="${attribute(html, 'for')}"`);
    expect(attribute(html, 'aria-describedby')).toBe(`${attribute(html, 'for')}-error`);
  });
});

describe('a choice', () => {
  const options = [
    { value: 'leaf', label: 'Leaf springs', hint: 'bent steel' },
    { value: 'torsion', label: 'Torsion' },
  ] as const;

  test('is a named group of radios with the chosen one checked', () => {
    const html = draw(<Choice label="Suspension" options={options} value="torsion" onChange={none} />);
    expect(html).toContain('role="radiogroup"');
    expect(html).toContain('aria-label="Suspension"');
    expect(html.match(/role="radio"/g)).toHaveLength(2);
    expect(html.match(/aria-checked="true"/g)).toHaveLength(1);
  });

  test('that nobody made yet has nothing checked', () => {
    const html = draw(
      <Choice label="Suspension" options={options} value={undefined} onChange={none} error="Choose one." />,
    );
    expect(html).not.toContain('aria-checked="true"');
    expect(html).toContain('Choose one.');
  });
});

describe('a choice of drawings', () => {
  const grades = ['even', 'stained', 'pitted', 'blue', 'broken', 'lost', 'other'];
  const drawn = (most: number, drawing?: string) =>
    draw(
      <Choice
        label="Rollers"
        options={grades.slice(0, most).map((value) => ({ value, label: value, ...(drawing && { drawing }) }))}
        value={undefined}
        onChange={none}
      />,
    );

  test('marks what is drawn, above its words, for gloves to lay beside them', () => {
    expect(drawn(2, 'a roller').match(/data-drawn=""/g)).toHaveLength(2);
    expect(drawn(2, 'a roller')).toMatch(/data-drawing="true"[^>]*>a roller<\/span>even/);
    expect(drawn(2)).not.toMatch(/data-draw/);
  });

  test('says where there are many, for gloves to keep them low', () => {
    expect(drawn(6)).not.toContain('data-many');
    expect(drawn(7)).toContain('data-many=""');
  });
});

describe('a stepper', () => {
  const at = (value: number) =>
    draw(<Stepper label="Launches" value={value} max={3} onChange={none} unit="launches" />);

  test('names both of its buttons, and stops at its ends', () => {
    expect(at(1)).toContain('aria-label="Launches: less"');
    expect(at(1)).toContain('aria-label="Launches: more"');
    expect(at(1)).not.toContain('disabled=""');
    expect(at(0).match(/disabled=""/g)).toHaveLength(1);
    expect(at(3).match(/disabled=""/g)).toHaveLength(1);
  });

  test('shows its figure with its unit', () => {
    expect(at(2)).toMatch(/>2<.*>launches</);
  });
});

test('a button does not submit by accident, and a sheet has one that does', () => {
  expect(draw(<Button>Later</Button>)).toContain('type="button"');
  const sheet = draw(
    <SheetForm save={none} label="Save it">
      <Button>Another</Button>
    </SheetForm>,
  );
  expect(sheet.match(/type="submit"/g)).toHaveLength(1);
  expect(sheet).toContain('noValidate=""');
});
