import type { StripQuestion } from '../api/types';
import { ChoiceField } from './ChoiceField';
import { warmth } from './clock';
import { NumberField } from './NumberField';

/** What is in a bath. */
export type Recipe = StripQuestion['bath'];

const FORMS: Record<string, string> = { gel: 'gel', lump: 'lump, crumbs of 2 mm', liquid: 'ready liquid' };

/** What is in a bath, to be changed: rows of a list of figures. */
export function RecipeFields(props: {
  /** the bath */
  bath: Recipe;
  /** called with what changes; says whether it was taken */
  onChange: (more: Partial<Recipe>) => Promise<boolean>;
}) {
  const { bath, onChange } = props;
  return (
    <>
      <ChoiceField
        label="sulfide"
        value={bath.form}
        choices={Object.keys(FORMS)}
        say={(form) => FORMS[form] ?? form}
        onChange={(form) => onChange({ form: form as Recipe['form'] })}
      />
      <NumberField
        label={bath.form === 'lump' ? 'crumbs' : 'drops'}
        value={bath.drops}
        unit=""
        step={1}
        onChange={(drops) => onChange({ drops })}
      />
      <NumberField
        label="water"
        value={bath.volumeMl}
        unit="ml"
        step={10}
        onChange={(volumeMl) => onChange({ volumeMl })}
      />
      <NumberField
        label={`temperature, ${warmth(bath.temperatureC)}`}
        value={bath.temperatureC}
        unit="°C"
        step={5}
        onChange={(temperatureC) => onChange({ temperatureC })}
      />
    </>
  );
}
