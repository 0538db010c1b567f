import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import type { Metal, Temper, WireAsked as Asked } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';

/** A wire to begin with: soft copper of 1 mm, an arm long. */
const USUAL: Asked = {
  wire: { metal: 'copper', temper: 'dead-soft', section: { shape: 'round', diameterMm: 1 } },
  wireMm: 300,
} as Asked;

/** A wire at hand, to see what it would make. */
export function WireAsked(props: {
  /** the wire; none while nothing is asked */
  asked: Asked | undefined;
  /** called with another, or none */
  onAsk: (asked: Asked | undefined) => void;
}) {
  const { asked, onAsk } = props;
  const metals = useQuery(queries.metals());
  if (!asked) return <Button onClick={() => onAsk(USUAL)}>what would this wire make?</Button>;
  const { wire } = asked;
  const set = (more: Partial<Asked['wire']>) => onAsk({ ...asked, wire: { ...wire, ...more } });
  const own = metals.data?.find((m) => m.metal === wire.metal);
  return (
    <section aria-label="what would this wire make" className="wire-asked">
      <dl className="rows">
        <LengthField
          label="I have"
          mm={asked.wireMm}
          onChange={(wireMm) => {
            onAsk({ ...asked, wireMm });
            return Promise.resolve(true);
          }}
        />
        <LengthField
          label="thickness"
          fine
          mm={wire.section.shape === 'round' ? wire.section.diameterMm : 1}
          onChange={(diameterMm) => {
            set({ section: { shape: 'round', diameterMm } });
            return Promise.resolve(true);
          }}
        />
        <ChoiceField
          label="metal"
          value={wire.metal}
          choices={metals.data?.map((m) => m.metal) ?? [wire.metal]}
          onChange={(metal) => {
            const tempers = metals.data?.find((m) => m.metal === metal)?.tempers ?? [];
            const temper = tempers.includes(wire.temper) ? wire.temper : (tempers[0] ?? wire.temper);
            set({ metal: metal as Metal, temper });
          }}
        />
        <ChoiceField
          label="temper"
          value={wire.temper}
          choices={own?.tempers ?? [wire.temper]}
          onChange={(temper) => set({ temper: temper as Temper })}
        />
      </dl>
      <Button onClick={() => onAsk(undefined)}>forget the wire</Button>
    </section>
  );
}
