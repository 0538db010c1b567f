import type { Section } from '../../api/types';
import { ChoiceField } from '../../kit/ChoiceField';
import { LengthField } from '../../kit/LengthField';
import { thicknessOf } from '../../kit/section';

type Flat = Extract<Section, { shape: 'flat' }>;

/** The section's shape and its measures. */
export function SectionFields(props: {
  /** the section taken */
  section: Section;
  /** called with another */
  onChange: (section: Section) => Promise<boolean>;
}) {
  const { section, onChange } = props;
  const size = thicknessOf(section);
  const pick = (shape: string) => {
    const sections: Record<string, Section> = {
      round: { shape: 'round', diameterMm: size },
      square: { shape: 'square', sideMm: size },
      flat: { shape: 'flat', widthMm: size * 2.5, thicknessMm: size, bent: 'easy' },
      'half-round': { shape: 'half-round', widthMm: size * 2, thicknessMm: size, bent: 'easy' },
    };
    const next = sections[shape];
    if (next) void onChange(next);
  };
  return (
    <>
      <ChoiceField
        label="section"
        value={section.shape}
        choices={['round', 'half-round', 'square', 'flat']}
        onChange={pick}
      />
      {section.shape === 'round' && (
        <LengthField
          label="thickness"
          fine
          mm={section.diameterMm}
          onChange={(diameterMm) => onChange({ shape: 'round', diameterMm })}
        />
      )}
      {section.shape === 'square' && (
        <LengthField
          label="side"
          fine
          mm={section.sideMm}
          onChange={(sideMm) => onChange({ shape: 'square', sideMm })}
        />
      )}
      {(section.shape === 'flat' || section.shape === 'half-round') && (
        <>
          <LengthField
            label="width"
            fine
            mm={section.widthMm}
            onChange={(widthMm) => onChange({ ...section, widthMm })}
          />
          <LengthField
            label="thickness"
            fine
            mm={section.thicknessMm}
            onChange={(thicknessMm) => onChange({ ...section, thicknessMm })}
          />
          <ChoiceField
            label="bent"
            value={section.bent}
            choices={['easy', 'on-edge']}
            onChange={(bent) => onChange({ ...section, bent: bent as Flat['bent'] })}
          />
        </>
      )}
    </>
  );
}
