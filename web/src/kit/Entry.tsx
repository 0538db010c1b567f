import Input from '@mui/material/Input';
import NativeSelect from '@mui/material/NativeSelect';
import type { ComponentProps, ReactNode, Ref } from 'react';

/** A line to type on; everything that an input takes. */
export function Entry(
  props: Omit<ComponentProps<'input'>, 'ref' | 'color'> & {
    /** the input itself */
    entry?: Ref<HTMLInputElement>;
    /** how wide it is, px */
    wide?: number;
  },
) {
  const { entry, wide, className, ...native } = props;
  return (
    <Input
      {...(className && { className })}
      error={native['aria-invalid'] === true}
      {...(entry && { inputRef: entry })}
      sx={{ width: wide ?? 92 }}
      {...(native.type && { type: native.type })}
      slotProps={{ input: native }}
    />
  );
}

/** One of a few, from a list that opens. */
export function Pick(props: {
  /** what it is for; a label elsewhere may name it instead */
  label?: string | undefined;
  /** name for a label elsewhere */
  id?: string | undefined;
  /** the one that stands */
  value: string;
  /** called with another */
  onChange: (value: string) => void;
  /** its options */
  children: ReactNode;
}) {
  return (
    <NativeSelect
      value={props.value}
      onChange={(e) => props.onChange(e.target.value)}
      slotProps={{
        input: { ...(props.id && { id: props.id }), ...(props.label && { 'aria-label': props.label }) },
      }}
    >
      {props.children}
    </NativeSelect>
  );
}
