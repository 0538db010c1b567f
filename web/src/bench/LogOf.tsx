import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import type { Habit, Learnt, LogAnswer, LogPage, Measurable } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { useSettings } from '../kit/settings';
import { TextField } from '../kit/TextField';
import { Beside } from './Beside';
import { HandRow, UseHabit } from './HandRow';
import { against, byThing, keyOf, shortDay, told, useLog, WHAT, type What } from './log';
import { Measure } from './Measure';
import { Photographs } from './Photographs';

const PARTS: readonly (readonly [string, readonly What[]])[] = [
  ['wire', ['cut', 'left-over']],
  ['sizes', ['ring', 'inside', 'outside', 'thickness', 'width']],
  ['wire taken', ['used']],
  ['hold tests', ['hold']],
  ['bath', ['bath', 'shade']],
  ['time', ['minutes']],
  ['the whole piece', ['mass']],
];

/** What a measure teaches. */
const TEACHES: Partial<Record<What, Habit>> = {
  'left-over': 'allowance',
  used: 'allowance',
  inside: 'springback',
  outside: 'springback',
  width: 'flattening',
  minutes: 'minutes',
  hold: 'hold',
};

function learntOf(log: LogAnswer, of: Measurable): Learnt | undefined {
  const { group } = of;
  return (
    group &&
    log.learnt.find(
      (l) =>
        l.habit === TEACHES[of.what] &&
        l.group.kind === group.kind &&
        l.group.metal === group.metal &&
        l.group.band === group.band,
    )
  );
}

/** Planned against actual: every measure on a line of its own, the one in hand at the side to be written down. */
export function LogOf(props: {
  /** the piece or job */
  subject: string;
}) {
  const { log, write, takeBack, keep, busy, wrong } = useLog(props.subject);
  const { units } = useSettings();
  const [chosen, setChosen] = useState<string>();
  const [taken, setTaken] = useState<number>();
  if (log.error) return <p role="alert">{log.error.message}</p>;
  if (!log.data) return <p role="status">Opening the log …</p>;
  const facts = byThing(log.data.facts);
  const things = new Map(log.data.measurable.map((m) => [keyOf(m), m]));
  const inHand = chosen === undefined ? undefined : things.get(chosen);
  const loose = log.data.facts.filter((p) => !things.has(keyOf(p.fact)));
  const learnt = inHand && learntOf(log.data, inHand);
  return (
    <div className="bench">
      <Box className="mat" sx={{ overflow: 'auto !important', p: '10px 20px' }}>
        {PARTS.map(([title, whats]) => {
          const rows = log.data.measurable.filter((m) => whats.includes(m.what));
          return (
            rows.length > 0 && (
              <section key={title} aria-label={title}>
                <h2 className="part-title">{title}</h2>
                {rows.map((m) => (
                  <Line
                    key={keyOf(m)}
                    of={m}
                    said={whats.length > 1}
                    pages={facts.get(keyOf(m)) ?? []}
                    learnt={learntOf(log.data, m)}
                    on={keyOf(m) === chosen}
                    onChoose={() => setChosen(keyOf(m))}
                  />
                ))}
              </section>
            )
          );
        })}
      </Box>
      <aside className="side" aria-label="what is written down">
        {inHand ? (
          <>
            <h2 className="part-title">{inHand.title}</h2>
            <p className="why">
              {inHand.planned === undefined
                ? 'Nothing is planned for it.'
                : `Planned: ${told(inHand.what, inHand.planned, inHand.word, units)}.`}
            </p>
            <Measure key={chosen} of={inHand} busy={busy} onWrite={write} />
            {learnt ? (
              <>
                <HandRow learnt={learnt} />
                <UseHabit of={learnt.habit} />
              </>
            ) : (
              TEACHES[inHand.what] && (
                <p className="why">No records of this kind of wire yet: the general value stands.</p>
              )
            )}
            <Written
              pages={facts.get(chosen ?? '') ?? []}
              busy={busy}
              onTakeBack={(number) => {
                setTaken(number);
                void takeBack(number);
              }}
            />
          </>
        ) : (
          <p className="why">
            Choose a line to write down what it really came to. The bench card does so by itself: it times its
            steps, and asks for sizes where they can be measured.
          </p>
        )}
        {taken !== undefined && (
          <Button
            disabled={busy}
            onClick={() => {
              void keep(taken);
              setTaken(undefined);
            }}
          >
            undo: keep what was taken back
          </Button>
        )}
        {wrong && (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        )}
        <Words things={[...things.values()]} busy={busy} onWrite={write} />
        <Written
          pages={loose}
          busy={busy}
          onTakeBack={(number) => {
            setTaken(number);
            void takeBack(number);
          }}
        />
        <Photographs subject={props.subject} />
      </aside>
    </div>
  );
}

function Line(props: {
  /** what can be measured */
  of: Measurable;
  /** whether it has to be said what is measured */
  said: boolean;
  /** what was measured */
  pages: readonly LogPage[];
  /** what was learnt of it */
  learnt: Learnt | undefined;
  /** whether it is in hand */
  on: boolean;
  /** called to take it in hand */
  onChoose: () => void;
}) {
  const { of, pages } = props;
  const { units } = useSettings();
  const last = pages[pages.length - 1];
  return (
    <ButtonBase
      onClick={props.onChoose}
      aria-pressed={props.on}
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr) minmax(88px, auto)',
          md: 'minmax(150px, 1.2fr) 96px minmax(160px, 2fr) minmax(120px, 1fr)',
        },
        gap: { xs: '2px 14px', md: '14px' },
        width: '100%',
        minHeight: 38,
        textAlign: 'left',
        font: 'inherit',
        borderBottom: '1px solid var(--line)',
        outlineOffset: '-2px',
        background: props.on ? 'var(--hand, rgba(29,107,96,.1))' : 'none',
      }}
    >
      <span>
        {of.title}
        {props.said && <span className="soft"> {WHAT[of.what]}</span>}
      </span>
      <b style={{ textAlign: 'right' }}>
        {of.planned === undefined ? '' : told(of.what, of.planned, of.word, units)}
      </b>
      <Beside of={of} pages={pages} learnt={props.learnt} />
      <span className="soft">
        {last
          ? `${against(last, units)}${pages.length > 1 ? ` · ${pages.length} times` : ''}`
          : 'not measured'}
      </span>
    </ButtonBase>
  );
}

function Written(props: {
  /** what was written down */
  pages: readonly LogPage[];
  /** whether something is on its way */
  busy: boolean;
  /** called to take one back */
  onTakeBack: (number: number) => void;
}) {
  const { units } = useSettings();
  if (props.pages.length === 0) return null;
  return (
    <ul className="plain written">
      {[...props.pages].reverse().map((p) => (
        <li key={p.number}>
          <span>
            {p.fact.actual !== undefined && <b>{told(p.fact.what, p.fact.actual, p.fact.word, units)} </b>}
            {p.fact.outcome !== 'none' && `${p.fact.outcome} · `}
            {p.fact.what === 'breakage' && <b>broke: </b>}
            {[
              p.fact.note,
              p.fact.helped && `what helped: ${p.fact.helped}`,
              p.fact.practice && 'for practice',
              shortDay(p.day),
            ]
              .filter(Boolean)
              .join(' · ')}
          </span>
          <Button
            disabled={props.busy}
            aria-label={`take back what was written on ${p.day}`}
            onClick={() => props.onTakeBack(p.number)}
          >
            take back
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** Words: a note, or what broke, where, and what helped. */
function Words(props: {
  /** what it can be about */
  things: readonly Measurable[];
  /** whether something is on its way */
  busy: boolean;
  /** writes it down; says whether it was taken */
  onWrite: (fact: {
    what: 'note' | 'breakage';
    about: string;
    note: string;
    helped: string;
  }) => Promise<boolean>;
}) {
  const [what, setWhat] = useState<'note' | 'breakage'>('note');
  const [about, setAbout] = useState('');
  const [note, setNote] = useState('');
  const [helped, setHelped] = useState('');
  const places = new Map<string, string>([['', 'the whole piece']]);
  props.things.forEach((m) => {
    if (m.what === 'used' || m.what === 'cut') places.set(m.about, m.title);
  });
  const text = (set: (next: string) => void) => (next: string) => {
    set(next);
    return Promise.resolve(true);
  };
  return (
    <details className="fold">
      <summary className="part-title">a note, or something broke</summary>
      <dl className="rows">
        <ChoiceField
          label="it is"
          value={what}
          choices={['note', 'breakage']}
          say={(w) => (w === 'note' ? 'a note' : 'a breakage')}
          onChange={(w) => setWhat(w as 'note' | 'breakage')}
        />
        <ChoiceField
          label="of"
          value={about}
          choices={[...places.keys()]}
          say={(a) => places.get(a) ?? a}
          onChange={setAbout}
        />
        <TextField label={what === 'note' ? 'note' : 'where and how'} value={note} onChange={text(setNote)} />
        {what === 'breakage' && <TextField label="what helped" value={helped} onChange={text(setHelped)} />}
      </dl>
      <p className="tools-row">
        <Button
          variant="outlined"
          disabled={props.busy || note === ''}
          onClick={() =>
            void props.onWrite({ what, about, note, helped }).then((ok) => {
              if (ok) {
                setNote('');
                setHelped('');
              }
            })
          }
        >
          write the words down
        </Button>
      </p>
    </details>
  );
}
