import { lazy, Suspense, type ComponentProps } from 'react';
import type MuiDialog from '@mui/material/Dialog';
import type MuiMenu from '@mui/material/Menu';
import type MuiSnackbar from '@mui/material/Snackbar';

const LazyDialog = lazy(() => import('@mui/material/Dialog'));
const LazyMenu = lazy(() => import('@mui/material/Menu'));
const LazySnackbar = lazy(() => import('@mui/material/Snackbar'));

// What opens over a page is not part of its first load: it comes when it is opened first.

/** A question in front of the page. */
export function Dialog(props: ComponentProps<typeof MuiDialog>) {
  return props.open && <Suspense>{<LazyDialog {...props} />}</Suspense>;
}

/** A list of what can be done. */
export function Menu(props: ComponentProps<typeof MuiMenu>) {
  return props.open && <Suspense>{<LazyMenu {...props} />}</Suspense>;
}

/** A word at the edge of the page that goes by itself. */
export function Snackbar(props: ComponentProps<typeof MuiSnackbar>) {
  return props.open && <Suspense>{<LazySnackbar {...props} />}</Suspense>;
}
