import Button from '@mui/material/Button';
import { useState } from 'react';
import { useBench } from '../../bench/bench';
import { canBeNothing, shownUnit, stepOf } from '../../bench/fields';
import { allFields, fieldsOfOwn, withOwnValue, type OwnField } from '../../bench/own';
import { LengthField } from '../../kit/LengthField';
import { NumberField } from '../../kit/NumberField';
import { useKinds } from '../../kit/useKinds';
import { NameMeasures } from './NameMeasures';

/** The measures that the maker has named: each changes all its fields at once. */
export function OwnMeasuresPart(props: {
  /** called with the addresses of what the measure at hand measures, and without once none is */
  onMeasure: (elements: readonly string[] | undefined) => void;
}) {
  const { piece, change } = useBench();
  const kinds = useKinds();
  const all = allFields(piece, kinds);
  const shown = piece.measures
    .map((m) => ({ title: m.title, fields: fieldsOfOwn(all, m) }))
    .filter((m) => m.fields.length > 0);
  if (shown.length === 0) return null;
  /** Shows what the measure changes in whose row something lies. */
  const show = (target: EventTarget) => {
    const title =
      target instanceof Element && target.closest('dl > div')?.querySelector('label')?.textContent;
    props.onMeasure(shown.find((m) => m.title === title)?.fields.map(elementOf));
  };
  return (
    <section aria-label="measures you have named">
      <h2 className="part-title">Measures you have named</h2>
      <dl
        className="rows"
        onFocus={(e) => show(e.target)}
        onBlur={() => props.onMeasure(undefined)}
        onPointerOver={(e) => show(e.target)}
        onPointerLeave={() => props.onMeasure(undefined)}
      >
        {shown.map(({ title, fields }) => (
          <Own
            key={title}
            title={title}
            fields={fields}
            onChange={(value) =>
              change((p) => {
                const now = fieldsOfOwn(allFields(p, kinds), { title, of: addresses(fields) });
                return withOwnValue(p, now, value);
              })
            }
          />
        ))}
      </dl>
    </section>
  );
}

/** Names what is asked when the piece is made again, and keeps it as a pattern. */
export function KeepAsPattern() {
  const { piece } = useBench();
  const [names, setNames] = useState(false);
  return (
    <div className="tools-row">
      <Button onClick={() => setNames(true)}>
        {piece.pattern || piece.measures.length > 0 ? 'name measures' : 'keep as a pattern'}
      </Button>
      {names && <NameMeasures onClose={() => setNames(false)} />}
    </div>
  );
}

function addresses(fields: readonly OwnField[]): string[] {
  return fields.map((f) => f.address);
}

/** The address of the element that a field is of: strand.element. */
function elementOf(field: OwnField): string {
  return field.address.split('.').slice(0, 2).join('.');
}

function Own(props: {
  /** its name */
  title: string;
  /** what it changes, at least one */
  fields: readonly OwnField[];
  /** called with the new value; says whether it was taken */
  onChange: (value: number) => Promise<boolean>;
}) {
  const [first] = props.fields;
  if (!first) return null;
  const { field, value } = first;
  return (field.unit === 'mm' || field.unit === 'thickness') && !canBeNothing(field) ? (
    <LengthField
      label={props.title}
      mm={value}
      fine={field.unit === 'thickness'}
      from={field.from}
      to={field.to}
      onChange={props.onChange}
    />
  ) : (
    <NumberField
      label={props.title}
      value={value}
      unit={shownUnit(field.unit)}
      step={stepOf(field.unit)}
      onChange={props.onChange}
    />
  );
}
