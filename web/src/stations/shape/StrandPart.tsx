import Button from '@mui/material/Button';
import type { Strand } from '../../api/types';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { addStrand, removeStrand, withCount } from '../../bench/edit';
import { NumberField } from '../../kit/NumberField';

const PAIRS = { each: 'no', alike: 'yes, alike', mirrored: 'yes, mirrored' } as const;

const JIG = { no: 'no', yes: 'yes, all rounds at once' } as const;

/** How many wires the strand in hand is, and strands added or taken away. */
export function StrandPart(props: {
  /** index of the strand */
  index: number;
}) {
  const { piece, change, take } = useBench();
  const { index } = props;
  const strand = piece.strands[index] as Strand;
  const pairs = strand.matched ? (strand.mirror ? PAIRS.mirrored : PAIRS.alike) : PAIRS.each;
  const pair = (word: string) => {
    const matched = word !== PAIRS.each;
    const count = matched && strand.count % 2 ? strand.count + 1 : strand.count;
    void change((p) => withCount(p, index, { matched, mirror: word === PAIRS.mirrored, count }));
  };
  return (
    <details className="fold" open={piece.strands.length > 1}>
      <summary className="part-title">strand</summary>
      <dl className="rows">
        <NumberField
          label="wires alike"
          value={strand.count}
          unit=""
          step={strand.matched ? 2 : 1}
          onChange={(count) => change((p) => withCount(p, index, { count }))}
        />
        <ChoiceField label="in pairs" value={pairs} choices={Object.values(PAIRS)} onChange={pair} />
        <ChoiceField
          label="bent on a jig"
          value={strand.jig ? JIG.yes : JIG.no}
          choices={Object.values(JIG)}
          onChange={(word) => void change((p) => withCount(p, index, { jig: word === JIG.yes }))}
        />
      </dl>
      <div className="tools-row">
        <Button
          onClick={() =>
            void change((p) => addStrand(p, index)).then((taken) => taken && take(piece.strands.length))
          }
        >
          add a strand
        </Button>
        <Button
          disabled={piece.strands.length < 2}
          onClick={() =>
            void change((p) => removeStrand(p, index)).then((taken) => taken && take(Math.max(0, index - 1)))
          }
        >
          take this one out
        </Button>
      </div>
    </details>
  );
}
