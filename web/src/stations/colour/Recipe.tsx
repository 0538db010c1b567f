import Slider from '@mui/material/Slider';
import type { Colour as Bath } from '../../api/types';
import { ChoiceField } from '../../kit/ChoiceField';
import { RecipeFields } from '../../kit/RecipeFields';
import { useSettings } from '../../kit/settings';
import { recipeOf } from './schools';

const STOPS: Record<string, string> = { soda: 'soda water', water: 'running water', soap: 'a soap wash' };
const DRYING: Record<string, string> = {
  cloth: 'with a cloth',
  air: 'in the air',
  'warm-air': 'in warm air',
};
const TOOLS = ['steel-wool', 'pad', 'cloth', 'glass-bristle', 'tumbler', 'emery', 'block'];

/** Bath, polish and seal. */
export function Recipe(props: {
  /** the bath */
  bath: Bath;
  /** changes it */
  set: (more: Partial<Bath>) => Promise<boolean>;
  /** share polished back, as pulled */
  polishBack: number;
  /** told while it is pulled; undefined when it is let go */
  onPolish: (share: number | undefined) => void;
}) {
  const { bath, set } = props;
  const { school } = useSettings();
  return (
    <dl className="rows">
      <RecipeFields
        bath={recipeOf(bath)}
        onChange={({ form, ...more }) => set(form ? { bath: form, ...more } : more)}
      />
      <ChoiceField
        label="stopped in"
        value={bath.stopIn ?? (school?.stopBath === false ? 'water' : 'soda')}
        choices={Object.keys(STOPS)}
        say={(stop) => STOPS[stop] ?? stop}
        onChange={(stop) => set({ stopIn: stop as NonNullable<Bath['stopIn']> })}
      />
      <ChoiceField
        label="dried"
        value={bath.dry}
        choices={Object.keys(DRYING)}
        say={(dry) => DRYING[dry] ?? dry}
        onChange={(dry) => set({ dry: dry as Bath['dry'] })}
      />
      <div>
        <dt id="polish-back">polish back</dt>
        <dd className="polish-back">
          <Slider
            aria-labelledby="polish-back"
            size="small"
            min={0}
            max={100}
            step={5}
            value={Math.round(100 * props.polishBack)}
            getAriaValueText={(percent) => `${percent} %`}
            onChange={(_, percent) => props.onPolish((percent as number) / 100)}
            onChangeCommitted={(_, percent) => {
              void set({ polishBack: (percent as number) / 100 }).then(() => props.onPolish(undefined));
            }}
          />
          <span>{Math.round(100 * props.polishBack)} %</span>
        </dd>
      </div>
      {props.polishBack > 0 && (
        <ChoiceField
          label="with"
          value={bath.polishWith}
          choices={TOOLS}
          onChange={(tool) => set({ polishWith: tool as Bath['polishWith'] })}
        />
      )}
      <SealField seal={bath.seal} onSeal={(seal) => set({ seal })} />
    </dl>
  );
}

/** What it is sealed with. */
export function SealField(props: {
  /** with that now */
  seal: Bath['seal'];
  /** called with another */
  onSeal: (seal: Bath['seal']) => Promise<boolean>;
}) {
  return (
    <ChoiceField
      label="seal"
      value={props.seal}
      choices={['none', 'wax', 'acrylic']}
      onChange={(seal) => props.onSeal(seal as Bath['seal'])}
    />
  );
}
