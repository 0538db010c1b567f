import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused } from '../api/client';
import { queries } from '../api/queries';
import type { KeptTools, OwnedTool } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { useSettings } from '../kit/settings';
import { thickness, words } from '../kit/units';
import { TextField } from '../kit/TextField';
import { ToolMat } from './ToolMat';
import { useKinds } from '../kit/useKinds';
import { freeTool } from './kinds';

/** The tools that the maker owns: round ones drawn at one scale, hammers and the rest in words; each with its measured size. */
export function ToolsPage() {
  const queries_ = useQueryClient();
  const { units } = useSettings();
  const kept = useQuery(queries.tools());
  const kinds = useKinds();
  const [chosen, setChosen] = useState<string>();
  const [wrong, setWrong] = useState<string>();
  const took = (now: KeptTools) => {
    setWrong(undefined);
    queries_.setQueryData(queries.tools().queryKey, now);
  };
  const refused = (thrown: unknown) => {
    setWrong(thrown instanceof Refused ? thrown.problem.detail : String(thrown));
    void queries_.invalidateQueries({ queryKey: queries.tools().queryKey });
  };
  const save = useMutation({
    mutationFn: (tools: readonly OwnedTool[]) => api.saveTools(kept.data?.version ?? 0, tools),
    onSuccess: took,
    onError: refused,
  });
  const undo = useMutation({ mutationFn: api.undoTools, onSuccess: took, onError: refused });
  const redo = useMutation({ mutationFn: api.redoTools, onSuccess: took, onError: refused });
  if (!kept.data) return <p aria-busy="true">…</p>;
  const { tools } = kept.data;
  const tool = tools.find((t) => t.id === chosen);
  const put = (change: Partial<OwnedTool>) =>
    save.mutateAsync(tools.map((t) => (t.id === chosen ? { ...t, ...change } : t))).then(
      () => true,
      () => false,
    );
  const add = () => {
    const fresh: OwnedTool = {
      id: freeTool(tools),
      kind: tool?.kind ?? 'mandrel',
      name: '',
      sizeMm: tool?.sizeMm ?? 5,
    };
    save.mutate([...tools, fresh], { onSuccess: () => setChosen(fresh.id) });
  };
  const isRound = (kind: OwnedTool['kind']) => kinds.tools.some((k) => k.kind === kind && k.round);
  const round = tools.filter((t) => isRound(t.kind)).sort((a, b) => a.sizeMm - b.sizeMm);
  const others = tools.filter((t) => !isRound(t.kind));
  return (
    <div className="bench tools-page">
      <ToolMat tools={round} chosen={chosen} onChoose={setChosen} />
      <aside className="side" aria-label="the tool in hand">
        {tool ? (
          <>
            <h2 className="part-title">
              {tool.name || `${words(tool.kind)} ${thickness(tool.sizeMm, units)}`}
            </h2>
            <dl className="rows">
              <ChoiceField
                label="kind"
                value={tool.kind}
                choices={kinds.tools.map((k) => k.kind)}
                onChange={(kind) => void put({ kind: kind as OwnedTool['kind'] })}
              />
              <TextField label="name" value={tool.name} onChange={(name) => put({ name })} />
              <LengthField
                key={tool.id}
                label={isRound(tool.kind) ? 'measured across' : 'face across'}
                mm={tool.sizeMm}
                fine
                onChange={(sizeMm) => put({ sizeMm })}
              />
            </dl>
            <Button
              onClick={() =>
                save.mutate(
                  tools.filter((t) => t.id !== tool.id),
                  { onSuccess: () => setChosen(undefined) },
                )
              }
            >
              I do not own this
            </Button>
          </>
        ) : (
          <p className="why">
            These are the tools that plans use. Take one in hand to set its size as your calliper reads it: a
            mandrel that is marked 6 may measure 5.9, and the wire comes out accordingly.
          </p>
        )}
        {wrong && (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        )}
      </aside>
      <div className="across tools-row">
        {others.map((t) => (
          <ToggleButton key={t.id} value="on" selected={t.id === chosen} onClick={() => setChosen(t.id)}>
            {t.name || words(t.kind)} {thickness(t.sizeMm, units)}
          </ToggleButton>
        ))}
        <span className="apart" />
        <Button onClick={add}>add a tool</Button>
        <Button disabled={!kept.data.canUndo} onClick={() => undo.mutate()}>
          undo
        </Button>
        <Button disabled={!kept.data.canRedo} onClick={() => redo.mutate()}>
          redo
        </Button>
      </div>
    </div>
  );
}
